# frozen_string_literal: true

module Records
  # A piece that came of splitting another; weight: its part of what the whole had cost and taken.
  class SplitPart < Base
    belongs_to :event
    belongs_to :piece
  end
end
