# frozen_string_literal: true

module Records
  # Money spent on one piece or shared over several.
  class Cost < Base
    include Removable

    has_many :shares, -> { order(:id) }, class_name: "Records::CostShare", inverse_of: :cost
    has_many :receipts, -> { live.order(:position) }, class_name: "Records::Photo", inverse_of: :cost
    has_many :draws, -> { live.order(:id) }, inverse_of: :cost
    belongs_to :trip, optional: true
    belongs_to :receipt, optional: true
    validates :what, presence: true
  end
end
