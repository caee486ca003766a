# frozen_string_literal: true

module Records
  # A serious caution that was read and confirmed for a piece.
  class Confirmation < Base
    belongs_to :piece
  end
end
