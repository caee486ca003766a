# frozen_string_literal: true

module Records
  # A piece of a lot with its parts of price, premium and tax, which add up to the lot's. Members that were entered
  # once as several alike share the number of their batch. The resale it is shared by is that of the purchase: what
  # is expected of the piece may change later, the shares do not.
  class LotMember < Base
    belongs_to :lot
    belongs_to :piece
  end
end
