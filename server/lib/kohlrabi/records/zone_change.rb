# frozen_string_literal: true

module Records
  # What somebody changed about a zone of a piece: its area, material, grade, splitting, merging.
  class ZoneChange < Base
    belongs_to :piece
  end
end
