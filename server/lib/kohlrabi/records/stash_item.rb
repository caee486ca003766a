# frozen_string_literal: true

module Records
  # Something salvaged or given: nothing was paid, it would cost something to replace.
  class StashItem < Base
    include Removable

    belongs_to :lot, optional: true
    has_many :stash_uses, -> { live.order(:id) }, inverse_of: :stash_item
    has_many :photos, -> { live.order(:position, :id) }, inverse_of: :stash_item
    validates :name, presence: true
  end
end
