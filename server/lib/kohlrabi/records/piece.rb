# frozen_string_literal: true

module Records
  # A piece of furniture and the flip made of it.
  class Piece < Base
    include Removable
    include OfKind

    has_many :events, -> { live.order(:position) }, inverse_of: :piece
    has_many :cost_shares
    has_many :costs, -> { live.order(:spent_on, :id) }, through: :cost_shares
    has_many :cost_links
    has_many :work_shares
    has_many :work_entries, -> { live.order(:worked_on, :id) }, through: :work_shares
    has_many :photos, -> { live.order(:position) }, inverse_of: :piece
    has_many :damages, -> { live.order(:happened_on, :id) }, inverse_of: :piece
    has_many :diary_entries, -> { live.order(:happened_on, :id) }, inverse_of: :piece
    has_one :planned_shape
    has_many :zone_changes, -> { order(:id) }, inverse_of: :piece
    has_many :findings, -> { live.order(:id) }, inverse_of: :piece
    has_many :looks, -> { live.order(:id) }, inverse_of: :piece
    has_many :plan_edits, -> { live.order(:id) }, inverse_of: :piece
    has_many :step_marks, -> { live.order(:id) }, inverse_of: :piece
    has_many :experiences, -> { live.order(:id) }, inverse_of: :piece
    has_many :confirmations, -> { order(:id) }, inverse_of: :piece
    has_many :numbered_parts, -> { live.order(:number) }, inverse_of: :piece
    has_many :technique_tags, -> { order(:name) }, inverse_of: :piece
    has_many :listing_texts, inverse_of: :piece
    has_many :staging_marks, inverse_of: :piece
    has_one :lot_member
    has_one :lot, through: :lot_member
    has_one :split_part
    belongs_to :prospect, optional: true
    has_one :summary, class_name: "Records::FlipSummary"

    validates :name, presence: true

    before_validation(on: :create) { self.ticket ||= Piece.maximum(:ticket).to_i + 1 }

    # "K-041"
    def ticket_text = format("K-%03d", ticket)
  end
end
