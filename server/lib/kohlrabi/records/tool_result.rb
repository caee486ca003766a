# frozen_string_literal: true

module Kohlrabi
  module Records
    # What a bench tool found for a piece. given: JSON of what was typed; unit: in which bare lengths were meant; materials: JSON {product => amount}.
    class ToolResult < Base
      include Removable

      belongs_to :piece
      has_many :plan_edits, -> { live }, inverse_of: false
      has_many :stash_items, -> { live }, inverse_of: false
    end
  end
end
