# frozen_string_literal: true

module Records
  # How a piece could look; one of a piece's looks is chosen.
  class Look < Base
    include Removable

    belongs_to :piece
    has_many :look_zones, -> { order(:id) }, inverse_of: :look
    has_many :fittings, -> { order(:id) }, class_name: "Records::LookFitting", inverse_of: :look
    has_many :works, -> { live.order(:id) }, class_name: "Records::ToolResult", inverse_of: :look
  end

  # How one zone will look.
  class LookZone < Base
    belongs_to :look
  end

  # Fittings of one kind under a look.
  class LookFitting < Base
    belongs_to :look
  end

  # The shape a piece will have; what is empty is as it was bought.
  class PlannedShape < Base
    belongs_to :piece
  end

  # What somebody changed about a zone of a piece: its area, material, grade, splitting, merging.
  class ZoneChange < Base
    belongs_to :piece
  end

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

  # A step that was done on a zone, with what it was estimated at.
  class StepMark < Base
    include OfDeed
    include Removable

    belongs_to :piece
    belongs_to :person, optional: true # who did it, where that was said
    belongs_to :event, optional: true # that settled it
  end

  # A serious caution that was read and confirmed for a piece.
  class Confirmation < Base
    belongs_to :piece
  end

  # What was tried: a product on a surface with a tool, and whether it worked.
  class Experience < Base
    include OfDeed
    include Removable

    belongs_to :piece, optional: true
  end

  # A plan kept as the workshop's own recipe.
  class Recipe < Base
    include Removable
  end

  # What a bench tool found for a piece. given: JSON of what was typed; unit: in which bare lengths were meant;
  # materials: JSON {product => amount}; with a look it is put on by it: zones (keys with commas, empty for the
  # usual ones), parts, relief, cost of its wood.
  class ToolResult < Base
    include Removable

    belongs_to :piece
    belongs_to :look, optional: true
    has_many :plan_edits, -> { live }, inverse_of: false
    has_many :stash_items, -> { live }, inverse_of: false
  end
end
