# frozen_string_literal: true

module Kohlrabi
  module Records
    # Money spent on one piece or shared over several.
    class Cost < Base
      include Removable

      has_many :shares, -> { order(:id) }, class_name: "Kohlrabi::Records::CostShare", inverse_of: :cost
      validates :what, presence: true
    end
  end
end
