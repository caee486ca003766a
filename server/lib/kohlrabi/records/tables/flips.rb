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

    # The look that was chosen, or nil.
    def chosen_look = looks.find(&:chosen)

    # "K-041"
    def ticket_text = format("K-%03d", ticket)
  end

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

  # An asking price, set or changed by an event.
  class Listing < Base
    belongs_to :event
  end

  # What a sale brought and took.
  class Sale < Base
    belongs_to :event
  end

  # What was given back after a sale, and what the channel gave back of its fee.
  class Refund < Base
    belongs_to :event
  end

  # The figures of one flip as the core last computed them, for lists and Books. Always derivable; see doctor.
  class FlipSummary < Base
    belongs_to :piece
  end

  # A photo of a piece, spotted or bought, of a receipt, of something in the stash, or of a comparable. The picture
  # itself is a file named by its fingerprint.
  class Photo < Base
    include Removable

    belongs_to :piece, optional: true
    belongs_to :prospect, optional: true
    belongs_to :cost, optional: true
    belongs_to :finding, optional: true
    belongs_to :stash_item, optional: true
    belongs_to :comparable, optional: true
    belongs_to :receipt, optional: true
  end

  # Something found on a piece.
  class Finding < Base
    include Removable

    belongs_to :piece
    belongs_to :own_finding, optional: true
    has_many :photos, -> { live.order(:position) }, inverse_of: :finding
  end

  # Something that broke, and what was expected before and after it.
  class Damage < Base
    include Removable

    belongs_to :piece
    belongs_to :finding, optional: true # that the plan mends
  end

  # Money spent on one piece or shared over several.
  class Cost < Base
    include Removable

    has_many :shares, -> { order(:id) }, class_name: "Records::CostShare", inverse_of: :cost
    has_many :receipts, -> { live.order(:position) }, class_name: "Records::Photo", inverse_of: :cost
    has_many :draws, -> { live.order(:id) }, inverse_of: :cost
    belongs_to :trip, optional: true
    belongs_to :receipt, optional: true
    validates :what, presence: true
  end

  # One piece's share of a cost; the shares of a cost add up to it.
  class CostShare < Base
    belongs_to :cost
    belongs_to :piece
  end

  # What a cost covers of what a piece still needs. item: "product:KEY", "hardware" or "work:ID" (see
  # Planning::StillToBuy).
  class CostLink < Base
    belongs_to :cost
    belongs_to :piece
  end

  # What was bought at one till: its lines are costs of pieces and containers on the shelf.
  class Receipt < Base
    include Removable

    has_many :costs, -> { live.order(:id) }, inverse_of: :receipt
    has_many :photos, -> { live.order(:position, :id) }, inverse_of: :receipt
    has_many :containers, -> { live.order(:id) }, inverse_of: :receipt
  end

  # Work by one person, of one kind, on one piece or several together. worked_on may be unknown (imports).
  class WorkEntry < Base
    include Removable

    # Costs of what was taken from the shelf when its timer stopped; told once and not kept here.
    attr_accessor :taken

    belongs_to :person
    belongs_to :trip, optional: true
    has_many :shares, -> { order(:id) }, class_name: "Records::WorkShare", inverse_of: :work_entry
  end

  # One piece's share of the time worked; the shares of an entry add up to it.
  class WorkShare < Base
    include OfDeed

    belongs_to :work_entry
    belongs_to :piece
  end

  # A drive that carried pieces. What it cost and took stands as one shared cost and one shared stretch of work a
  # person.
  class Trip < Base
    include Removable

    has_one :cost, -> { live }, inverse_of: :trip
    has_many :work_entries, -> { live.order(:id) }, inverse_of: :trip
    validates :what, presence: true

    # The fetching of the first person stands for all: they drove together.
    def pieces = (cost || work_entries.first)&.shares.to_a
  end

  # One purchase with one piece or several. Premium and tax are amounts, or rates that follow the price.
  class Lot < Base
    include Removable

    has_many :members, -> { order(:id) }, class_name: "Records::LotMember", inverse_of: :lot
    has_many :pieces, through: :members
    has_many :stash_items, -> { live.order(:id) }, inverse_of: :lot
    validates :name, presence: true
  end

  # A piece of a lot with its parts of price, premium and tax, which add up to the lot's. Members that were entered
  # once as several alike share the number of their batch. The resale it is shared by is that of the purchase: what
  # is expected of the piece may change later, the shares do not.
  class LotMember < Base
    belongs_to :lot
    belongs_to :piece
  end

  # Pieces offered and sold together.
  class PieceSet < Base
    include Removable

    has_many :members, -> { order(:id) }, class_name: "Records::PieceSetMember", inverse_of: :piece_set
    has_many :pieces, through: :members
    has_many :happenings, -> { live.order(:id) }, class_name: "Records::PieceSetEvent", inverse_of: :piece_set
    validates :name, presence: true
  end

  # A piece of a set, with the price it was offered at by itself before.
  class PieceSetMember < Base
    belongs_to :piece_set
    belongs_to :piece
  end

  # What happened to a set as a whole; each of its pieces has an event of its own with its share.
  class PieceSetEvent < Base
    include Removable

    serialize :hand, coder: JSON
    belongs_to :piece_set
    has_many :events, -> { live.order(:piece_id) }, inverse_of: :piece_set_event
  end

  # A piece that came of splitting another; weight: its part of what the whole had cost and taken.
  class SplitPart < Base
    belongs_to :event
    belongs_to :piece
  end

  # A technique in the person's own words, such as "stripped to wood": what flips are compared by.
  class TechniqueTag < Base
    belongs_to :piece
  end

  # A part that was taken off, with the number on its back and the place it belongs to.
  class NumberedPart < Base
    include Removable

    belongs_to :piece
  end

  # What the person has to say, until it is said. kind: "overlap" (hours of one person that overlap), "short" (more used
  # of a container than was in it), and of one piece "hours" (which steps are done, details: {kind of work => seconds}),
  # "costs" (what they cover, details: ids), "materials" (what became of what was planned, details: {material key =>
  # amount}), "touch_up" (of a finding), "said" (the hours that were said are used up). deletion, before_*: what its
  # answer changed.
  class Question < Base
    belongs_to :piece, optional: true
    belongs_to :finding, optional: true
    belongs_to :work_entry, optional: true
    belongs_to :other_entry, class_name: "Records::WorkEntry", optional: true
    belongs_to :container, optional: true
    belongs_to :deletion, optional: true

    def said = details ? JSON.parse(details) : nil

    # The hours that an answer leaves as they were, and the others, which lose what they share; nil where both stand.
    def kept_and_cut
      { "first" => [work_entry, other_entry], "second" => [other_entry, work_entry] }[answer]
    end
  end
end
