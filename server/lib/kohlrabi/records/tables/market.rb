# frozen_string_literal: true

module Records
  # Where pieces are sold, with what it takes and its habits.
  class Channel < Base
    include Removable

    has_many :rents, -> { order(:from_on) }, class_name: "Records::ChannelRent", inverse_of: :channel

    # Rent a month as of a day, minor units; 0 where none holds.
    def rent_minor(day) = rents.reverse.find { |rent| rent.from_on <= day }&.rent_minor.to_i
  end

  # What a place costs a month from a day on, until the next one begins or the channel is removed.
  class ChannelRent < Base
    belongs_to :channel
  end

  # What somebody asks or got for a piece of some kind.
  class Comparable < Base
    include Removable
    include OfKind

    belongs_to :piece, optional: true
    has_many :photos, -> { live.order(:position, :id) }, inverse_of: :comparable
  end

  # A piece kept for a buyer: until when, what was paid down, when it is fetched.
  class Hold < Base
    include Removable

    belongs_to :piece
  end

  # An offer, or an enquiry where no amount was named.
  class Offer < Base
    include Removable

    belongs_to :piece
  end

  # Part of a price that was paid before or after the piece went.
  class Payment < Base
    include Removable

    belongs_to :piece
  end

  # An asking price that was decided, with its reason.
  class PriceDecision < Base
    include Removable

    belongs_to :piece
  end

  # A price to go down to on a day: planned, done or skipped.
  class PriceStep < Base
    include Removable

    belongs_to :piece
    belongs_to :event, optional: true
  end

  # A sale that was taken back: from when to when the piece was on the market, and since when it is again.
  class SaleReturn < Base
    include Removable

    belongs_to :piece
    belongs_to :sale_deletion, class_name: "Records::Deletion"
  end

  # A listing's text as the person changed it, one of three lengths.
  class ListingText < Base
    belongs_to :piece
  end

  # What is done of the list before photographing.
  class StagingMark < Base
    belongs_to :piece
  end

  # What own listings said of the market, as it was last worked out. inputs: fingerprint of what it was made from.
  class MarketFit < Base
  end
end
