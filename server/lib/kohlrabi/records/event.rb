# frozen_string_literal: true

module Records
  # A dated event of a flip. What belongs to a listing, sale or refund stands in a row of its own beside it.
  class Event < Base
    include Removable

    belongs_to :piece
    belongs_to :piece_set_event, optional: true
    has_many :split_parts, -> { order(:id) }, inverse_of: :event
    has_one :listing, autosave: true
    has_one :sale, autosave: true
    has_one :refund, autosave: true

    before_validation(on: :create) { self.position ||= Event.where(piece_id: piece_id).maximum(:position).to_i + 1 }
  end
end
