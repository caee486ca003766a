# frozen_string_literal: true

module Kohlrabi
  module Records
    # A piece of a lot with its parts of price, premium and tax, which add up to the lot's. Members that were entered once as
    # several alike share the number of their batch.
    class LotMember < Base
      belongs_to :lot
      belongs_to :piece
    end
  end
end
