# frozen_string_literal: true

module Records
  # What a cost covers of what a piece still needs. item: "product:KEY", "hardware" or "work:ID" (see
  # Planning::StillToBuy).
  class CostLink < Base
    belongs_to :cost
    belongs_to :piece
  end
end
