# frozen_string_literal: true

module Operations
  module Market
    # All that is recorded of the market, as rows: own listings and what was asked for them, prices seen of others,
    # figures that were expected, counters, enquiries, what is in hand.
    module Record
      FINISHES = <<~SQL
        LEFT JOIN (SELECT MIN(look_zones.id) AS zone_id, looks.piece_id FROM looks JOIN look_zones ON look_zones.look_id = looks.id
        WHERE looks.chosen = 1 AND looks.deletion_id IS NULL GROUP BY looks.piece_id) chosen ON chosen.piece_id = pieces.id
        LEFT JOIN look_zones ON look_zones.id = chosen.zone_id
      SQL
      PROSPECTS = "LEFT JOIN prospects ON prospects.id = pieces.prospect_id"
      LISTED = %w[flip_summaries.piece_id pieces.kind_key pieces.units pieces.maker flip_summaries.listed_on flip_summaries.ended_on
                  flip_summaries.stage flip_summaries.receipts_minor prospects.condition look_zones.finish].freeze
      COUNTERS = %w[amount_minor flip_summaries.asking_minor counter_minor flip_summaries.stage flip_summaries.receipts_minor
                    flip_summaries.ended_on made_on].freeze
      TOLD = "flip_summaries.listed_on IS NOT NULL OR (flip_summaries.stage = 'sold' AND receipts_minor > 0)"
      EXPECTED = 200 # latest figures that are looked back on

      class << self
        # {name of a method below => its rows}, read when first asked for; kept until anything is written or the day
        # is over.
        def of(today)
          Support::VersionedCache.once([:market_record, today]) do
            Hash.new { |rows, name| rows[name] = read(*send(name)) }
          end
        end

        private

        # Whole records where no columns are named.
        def read(relation, *columns) = columns.empty? ? relation.to_a : Records::Base.rows(relation, *columns)

        # Own listings, what stands before what ended, the latest first.
        def listed
          standing_first = Arel.sql("flip_summaries.stage = 'listed' DESC")
          [latest(listings.order(standing_first, listed_on: :desc, piece_id: :desc)), *LISTED]
        end

        # Sold without a listing.
        def unlisted
          [latest(sold.where(listed_on: nil).where("receipts_minor > 0").order(ended_on: :desc, piece_id: :desc)),
           *LISTED]
        end

        # What was asked for them, in order.
        def asks
          events = Records::Event.live.where(kind: %w[listed price_changed], piece_id: listed_ids).joins(:listing)
          [events.where("listings.asking_minor > 0").order(:position), :piece_id, :happened_on, "listings.asking_minor"]
        end

        def sets
          events = Records::Event.live.where(kind: "sold", piece_id: listed_ids)
          [events.where.not(piece_set_event_id: nil), :piece_id, :piece_set_event_id]
        end

        def returns
          [Records::SaleReturn.live.where(piece_id: listed_ids).order(:id), :piece_id, :listed_on, :sold_on,
           :returned_on]
        end

        # What others ask.
        def seen = [Records::Comparable.live.order(:id)]

        # Expected and got.
        def expected
          typed = sold.where("receipts_minor > 0").joins(:piece).joins(PROSPECTS).where("pieces.expected_resale_minor > 0")
          typed = typed.where("pieces.prospect_id IS NULL OR prospects.resale_likely_minor IS NOT NULL")
          [typed.order(ended_on: :desc).limit(EXPECTED), "pieces.expected_resale_minor", :receipts_minor]
        end

        # Offers that were answered with a price.
        def counters
          answered = offers.where.not(counter_minor: nil).where("amount_minor > 0")
          [answered.order(id: :desc).limit(EXPECTED), *COUNTERS]
        end

        def enquiries
          asked = offers.where(amount_minor: nil, flip_summaries: { stage: "sold", live: true })
          [asked.group("offers.piece_id"), "COUNT(*)"]
        end

        def fits = [Records::MarketFit.order(id: :desc).limit(1)]

        # How many are known of each kind.
        def kinds
          [Records::FlipSummary.where(live: true).where(TOLD).joins(:piece).group("pieces.kind_key"),
           "pieces.kind_key", "COUNT(*)"]
        end

        # How many are in hand, and the seconds they still take.
        def held = [in_hand.joins(:piece), "COUNT(*)", "SUM(pieces.seconds_to_come)"]

        # What was said of pieces in hand before they were bought.
        def found
          [in_hand.joins(piece: :prospect), :piece_id, "prospects.condition", "prospects.resale_likely_minor",
           "prospects.expected_resale_minor", "prospects.count"]
        end

        def sold = Records::FlipSummary.where(live: true, stage: "sold")
        def in_hand = Records::FlipSummary.where(live: true, stage: Flips::Lists::IN_HAND)
        def offers = Records::Offer.live.joins("JOIN flip_summaries ON flip_summaries.piece_id = offers.piece_id")
        def listings = Records::FlipSummary.where(live: true).where.not(listed_on: nil)

        def latest(rows)
          rows.joins(:piece).joins(PROSPECTS).joins(FINISHES).limit(Core::Market::Model::Priors::LATEST)
        end

        def listed_ids = listed.first.reselect(:piece_id)
      end
    end
  end
end
