# frozen_string_literal: true

module Records
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
