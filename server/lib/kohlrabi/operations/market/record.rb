# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # All that is recorded of the market: own listings and what was asked for them, prices seen of
      # others, figures that were expected, counters, enquiries, what is in hand. Kept until anything is written or
      # the day is over.
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

        module_function

        # {listed:, asks:, sets:, returns:, seen:, fits:, expected:, kinds:, found:, counters:, enquiries:, held:},
        # rows as they are read below, each when it is asked for.
        def of(today)
          Support::VersionedCache.once([:market_record, today]) do
            asked = { **paths, **said, **around }
            Hash.new { |read, name| read[name] = rows(*asked.fetch(name)) }
          end
        end

        # Whole records where no columns are named.
        def rows(relation, *columns) = columns.empty? ? relation.to_a : Records::Base.rows(relation, *columns)

        def sold = Records::FlipSummary.where(live: true, stage: "sold")
        def in_hand = Records::FlipSummary.where(live: true, stage: Flips::Lists::IN_HAND)

        # Own listings, what stands before what ended, the latest first.
        def paths
          listed = Records::FlipSummary.where(live: true).where.not(listed_on: nil).joins(:piece).joins(PROSPECTS).joins(FINISHES)
                                       .order(Arel.sql("flip_summaries.stage = 'listed' DESC"), listed_on: :desc, piece_id: :desc)
                                       .limit(Core::Market::Model::Priors::LATEST)
          ids = listed.reselect(:piece_id)
          asks = Records::Event.live.where(kind: %w[listed price_changed], piece_id: ids).joins(:listing).where("listings.asking_minor > 0")
          unlisted = sold.where(listed_on: nil).where("receipts_minor > 0").joins(:piece).joins(PROSPECTS).joins(FINISHES)
                         .order(ended_on: :desc, piece_id: :desc).limit(Core::Market::Model::Priors::LATEST)
          { listed: [listed, *LISTED], unlisted: [unlisted, *LISTED], asks: [asks.order(:position), :piece_id, :happened_on, "listings.asking_minor"],
            sets: [Records::Event.live.where(kind: "sold", piece_id: ids).where.not(piece_set_event_id: nil), :piece_id, :piece_set_event_id],
            returns: [Records::SaleReturn.live.where(piece_id: ids).order(:id), :piece_id, :listed_on, :sold_on, :returned_on] }
        end

        # What others ask, what was expected, offered and asked back.
        def said
          typed = sold.where("receipts_minor > 0").joins(:piece).joins(PROSPECTS).where("pieces.expected_resale_minor > 0")
                      .where("pieces.prospect_id IS NULL OR prospects.resale_likely_minor IS NOT NULL").order(ended_on: :desc).limit(EXPECTED)
          offers = Records::Offer.live.joins("JOIN flip_summaries ON flip_summaries.piece_id = offers.piece_id")
          { seen: [Records::Comparable.live.order(:id)], expected: [typed, "pieces.expected_resale_minor", :receipts_minor],
            counters: [offers.where.not(counter_minor: nil).where("amount_minor > 0").order(id: :desc).limit(EXPECTED), *COUNTERS],
            enquiries: [offers.where(amount_minor: nil, flip_summaries: { stage: "sold", live: true }).group("offers.piece_id"), "COUNT(*)"] }
        end

        def around
          known = Records::FlipSummary.where(live: true).where(TOLD)
          kinds = known.joins(:piece).group("pieces.kind_key")
          found = in_hand.joins(piece: :prospect)
          { fits: [Records::MarketFit.order(id: :desc).limit(1)], kinds: [kinds, "pieces.kind_key", "COUNT(*)"],
            held: [in_hand.joins(:piece), "COUNT(*)", "SUM(pieces.seconds_to_come)"],
            found: [found, :piece_id, "prospects.condition", "prospects.resale_likely_minor", "prospects.expected_resale_minor", "prospects.count"] }
        end
        private_class_method :rows, :paths, :said, :around, :sold, :in_hand
      end
    end
  end
end
