# frozen_string_literal: true

module Records
  # Something found on a piece.
  class Finding < Base
    include Removable

    belongs_to :piece
    belongs_to :own_finding, optional: true
    has_many :photos, -> { live.order(:position) }, inverse_of: :finding
  end
end
