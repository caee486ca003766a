# frozen_string_literal: true

module Kohlrabi
  module Records
    # A sale that was taken back: from when to when the piece was on the market, and since when it is again.
    class SaleReturn < Base
      include Removable

      belongs_to :piece
      belongs_to :sale_deletion, class_name: "Kohlrabi::Records::Deletion"
    end
  end
end
