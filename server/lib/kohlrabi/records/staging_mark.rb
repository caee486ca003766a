# frozen_string_literal: true

module Records
  # What is done of the list before photographing.
  class StagingMark < Base
    belongs_to :piece
  end
end
