# frozen_string_literal: true

module Records
  # One piece's share of a cost; the shares of a cost add up to it.
  class CostShare < Base
    belongs_to :cost
    belongs_to :piece
  end
end
