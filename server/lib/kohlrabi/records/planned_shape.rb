# frozen_string_literal: true

module Records
  # The shape a piece shall have; what is empty is as it was bought.
  class PlannedShape < Base
    belongs_to :piece
  end
end
