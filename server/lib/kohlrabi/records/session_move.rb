# frozen_string_literal: true

module Records
  # A step that somebody moved to another day.
  class SessionMove < Base
    include OfDeed
    include Removable

    belongs_to :piece
  end
end
