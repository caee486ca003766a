# frozen_string_literal: true

module Records
  # A step that was done on a zone, with what it was estimated at.
  class StepMark < Base
    include OfDeed
    include Removable

    belongs_to :piece
    belongs_to :person, optional: true # who did it, where that was said
    belongs_to :event, optional: true # that settled it
  end
end
