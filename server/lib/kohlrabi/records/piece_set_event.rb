# frozen_string_literal: true

module Records
  # What happened to a set as a whole; each of its pieces has an event of its own with its share.
  class PieceSetEvent < Base
    include Removable

    serialize :hand, coder: JSON
    belongs_to :piece_set
    has_many :events, -> { live.order(:piece_id) }, inverse_of: :piece_set_event
  end
end
