# frozen_string_literal: true

module Records
  # Some of a stash item used on a piece: no cash, its replacement value in the full-cost view.
  class StashUse < Base
    include Removable

    belongs_to :stash_item
    belongs_to :piece
  end
end
