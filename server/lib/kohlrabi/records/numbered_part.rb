# frozen_string_literal: true

module Records
  # A part that was taken off, with the number on its back and the place it belongs to.
  class NumberedPart < Base
    include Removable

    belongs_to :piece
  end
end
