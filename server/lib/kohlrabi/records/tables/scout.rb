# frozen_string_literal: true

module Records
  # A piece that was spotted and not (yet) bought. Estimates are empty until somebody changes them; what was
  # expected when it was closed stays with it.
  class Prospect < Base
    include Removable
    include OfKind

    serialize :checks, coder: JSON
    has_many :sightings, -> { live.order(:seen_on, :id) }, inverse_of: :prospect
    has_many :pieces, -> { live.order(:ticket) }, inverse_of: :prospect
    has_many :photos, -> { live.order(:position) }, inverse_of: :prospect

    # "Ash stool", or its kind where it has no name.
    def title = name.presence || kind.sub(/\A./, &:upcase)
  end

  # A tag that was read on a day.
  class Sighting < Base
    include Removable

    belongs_to :prospect
  end
end
