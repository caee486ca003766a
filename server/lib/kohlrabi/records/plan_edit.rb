# frozen_string_literal: true

module Records
  # One change that somebody made to a plan. It speaks of a deed, and of another where it orders them.
  class PlanEdit < Base
    include OfDeed
    include Removable

    belongs_to :piece
    attribute :other_deed, OfDeed::Type.new

    # Key of the other step.
    def other = other_deed&.key

    def other=(key)
      self.other_deed = key && Core::Planning::Deed.read(key)
    end
  end
end
