# frozen_string_literal: true

module Records
  # A listing's text as the person changed it, one of three lengths.
  class ListingText < Base
    belongs_to :piece
  end
end
