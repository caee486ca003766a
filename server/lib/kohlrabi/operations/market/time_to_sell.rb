# frozen_string_literal: true

module Operations
  module Market
    # What own listings say of time, of what is got of what is asked, and of what a place earns.
    module TimeToSell
      PLACE = 5 # sold pieces with known days from which a place's profit counts

      extend self

      # {kind => Array of Core::Market::Survival::Spell}. A piece sold as one of a set stands once for the set; what
      # is still listed, kept or otherwise gone is censored.
      def spells = listings.each_with_object({}) { |(kind, _, spell), all| (all[kind] ||= []) << spell }

      # Array of Core::Books::Season::Note: whether the time of the year moves sales, of the latest listings.
      def seasons
        Support::VersionedCache.once([:seasons, Support::Workshop.today]) do
          latest = listings.max_by(Core::Market::Model::Priors::LATEST) { |_, listed, _| listed }
          Core::Books::Season.new(latest.map do |_, listed, spell|
            Core::Books::Season::Listing.new(listed, spell.days, spell.sold)
          end).notes
        end
      end

      # {piece id => [[listed, sold, returned on]]} of sales that were taken back.
      def returns = record[:returns].map { |id, *days| [id, *days.map { |text| day(text) }] }.group_by(&:shift)

      # Since when a piece is on the market: since its last return, where it came back. listed: as recorded, or nil.
      def listed_since(piece, listed)
        [listed, Records::SaleReturn.live.where(piece: piece).maximum(:returned_on)].compact.max
      end

      # Core::Market::TimeToSell::Answer for a kind.
      def time(kind) = Core::Market::TimeToSell.new(spells).for(Core::Planning::Shape::Kinds.key(kind))

      # Core::Market::Outlook::Answer of a price with its steps; nil where too little is known. steps: [[Date, minor
      # units]].
      def outlook(time, price, steps, ratio, stood: 0)
        return unless time.survival

        prices = [[0, price], *steps.map { |day, minor| [[(day - Support::Workshop.today).to_i, 0].max, minor] }]
        last = (prices.last.last * ratio).round
        Core::Market::Outlook.new(time.survival, stood: stood, prices: prices, ratio: ratio, last: last).answer
      end

      # [sold, asked] of own sales, minor units.
      def sale_to_ask_ratios = record[:got]

      # [flips sold with known days, their profit in minor units, the days they were held].
      def place_record = record[:held].first.map(&:to_i)

      # Own profit of a place a day, minor units: profit of what was sold over the days it was held; nil where too
      # few say.
      def profit_per_space_day
        count, profit, days = record[:held].first
        return if count < PLACE

        [Rational(profit, days).round, 0].max
      end

      private

      # Array of [kind, listed on, spell], as of today.
      def listings = Support::VersionedCache.once([:listings, Support::Workshop.today]) { read_listings }

      def read_listings
        today = Support::Workshop.today
        rows = record[:listed].map { |kind, listed, ended, stage, id| [kind, day(listed), day(ended), stage, id] }
        sets = in_sets
        back = returns
        rows.uniq { |_, _, _, _, id| sets.fetch(id, "piece #{id}") }.flat_map do |kind, listed, ended, stage, id|
          before = back.fetch(id, [])
          sold = before.map { |from, to, _| spell(kind, from, to, sold: true) }
          [*sold, spell(kind, [listed, *before.map(&:last)].max, ended || today, sold: stage == "sold")].compact
        end
      end

      def spell(kind, from, to, sold:)
        days = from && to && (to - from).to_i
        [kind, from, Core::Market::Survival::Spell.new(days: days, sold: sold)] unless days.nil? || days.negative?
      end

      def day(text) = text && Date.iso8601(text)

      # What was asked, got and held; kept until anything is written, for it grows with all that was ever listed.
      def record
        Support::VersionedCache.once(:time_to_sell) { asked.transform_values { |relation, *columns| Records::Base.rows(relation, *columns) } }
      end

      def asked
        listed = Records::FlipSummary.where(live: true).where.not(listed_on: nil).joins(:piece)
        sold = Records::FlipSummary.where(live: true, stage: "sold")
        got = sold.where("asking_minor > 0").where.not(receipts_minor: nil).order(ended_on: :desc).limit(500)
        held = sold.where("turnaround_days > 0").where.not(cash_profit_minor: nil)
        { listed: [listed, "pieces.kind_key", :listed_on, :ended_on, :stage, :piece_id],
          sets: [Records::Event.live.where(kind: "sold").where.not(piece_set_event_id: nil), :piece_id,
                 :piece_set_event_id],
          returns: [Records::SaleReturn.live.order(:id), :piece_id, :listed_on, :sold_on, :returned_on],
          got: [got, :receipts_minor, :asking_minor],
          held: [held, "COUNT(*)", "SUM(cash_profit_minor)", "SUM(turnaround_days)"] }
      end

      # {piece id => name of its set's sale}.
      def in_sets = record[:sets].to_h { |id, set| [id, "set #{set}"] }
    end
  end
end
