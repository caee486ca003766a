# frozen_string_literal: true

module Records
  # What somebody asks or got for a piece of some kind.
  class Comparable < Base
    include Removable
    include OfKind

    belongs_to :piece, optional: true
    has_many :photos, -> { live.order(:position, :id) }, inverse_of: :comparable
  end
end
