# frozen_string_literal: true

module Records
  # A sale that was taken back: from when to when the piece was on the market, and since when it is again.
  class SaleReturn < Base
    include Removable

    belongs_to :piece
    belongs_to :sale_deletion, class_name: "Records::Deletion"
  end
end
