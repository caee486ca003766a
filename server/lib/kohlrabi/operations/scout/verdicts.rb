# frozen_string_literal: true

module Operations
  module Scout
    # The answer to "should I buy it, and for how much?" for one spotted piece: own figures where there are any, the
    # kind's usual ones else, and everything open to change.
    class Verdicts
      POINTS = %w[low likely high].freeze

      attr_reader :prospect, :condition, :histories

      # Of a piece that is here, as if so many like it stood in a shop.
      def self.as_bought(piece, count) = new(Records::Prospect.new(kind: piece.kind, condition: "worn", count: count))

      # prospect: Records::Prospect, stored or not.
      def initialize(prospect, histories: Histories.new)
        @prospect = prospect
        @histories = histories
        @workshop = Support::Workshop.current
        @defaults = Core::Scout::Defaults.new(prospect.kind, currency: @workshop.money)
        @condition = Core::Scout::Conditions.fetch(prospect.condition)
      end

      # Estimates, each nil where nobody knows. Raises Core::Refusal for points out of order.
      def resale = @resale ||= given_points("resale", "minor") || by_market
      def hours = @hours ||= given("hours", "seconds", usual(:hours, @defaults.hours))
      def materials = @materials ||= given("materials", "minor", usual(:materials, @defaults.materials))

      # Core::Scout::Prospect at the tag that stands, or at another price.
      def answer(ask: prospect.tag_minor)
        Core::Scout::Prospect.new(resale: resale, hours: hours, materials: materials, ask: ask, terms: terms)
      end

      def verdict = @verdict ||= Core::Scout::Verdict.new(answer, currency: @workshop.money)
      def most = @most ||= answer.most.amount

      def terms
        Core::Scout::Terms.new(fee_rate: @workshop.fee_rate || 0, fixed_fee: @workshop.fixed_fee_minor.to_i * prospect.count,
                               delivery: prospect.delivery_minor || @workshop.delivery_minor.to_i, rent: @workshop.rent_minor.to_i * prospect.count,
                               trip: prospect.trip_minor || @workshop.trip_minor.to_i, sundries: @workshop.sundries_minor.to_i * prospect.count,
                               added_rate: Rational(prospect.added_hundredths.to_i, 10_000),
                               floor_pay: @workshop.floor_pay_minor, target_pay: @workshop.target_pay_minor)
      end

      def tape
        found = answer
        Core::Market::PriceTape.new({ tag: prospect.tag_minor, most: positive(found.most.amount), walk_away: positive(found.walk_away.amount),
                                      standing: prospect.standing_minor, resale: resale&.mean&.round }, unit: @workshop.money.unit)
      end

      # Core::Scout::Pairs, and the figures for one alone where that is what is bought; nil where there is no caution.
      def single
        pairs = @histories.pairs(prospect.kind, pair: @defaults.pair?)
        return unless pairs.caution?(prospect.count)

        days = Core::Statistics::Quantiles.at(@histories.market_days, 1/2r)
        pairs.single(price: together&.mean, days: days).merge(together: together&.mean&.round, source: pairs.source)
      end

      # Core::Scout::TagForecast, or nil before the first sighting.
      def forecast
        return if prospect.sightings.empty?

        @forecast ||= Core::Scout::TagForecast.new(sightings, today: Support::Workshop.today, rule: rule,
                                                              next_cut: prospect.next_cut_on)
      end

      def wait_or_buy
        forecast && Core::Scout::WaitOrBuy.new(forecast, most: most, gone: gone, today: Support::Workshop.today,
                                                         trip: second_trip)
      end

      # Its money and half an hour of the pay aimed for (assumed).
      def second_trip = terms.trip + (@workshop.target_pay_minor.to_i / 2)

      def gone
        count, weeks = @histories.gone(prospect.kind)
        Core::Scout::LossRisk.estimate(kind: prospect.kind.pluralize, gone: count, weeks: weeks, volume: volume)
      end

      # The day on which the tag is to be looked at again, with why: a date set by hand, or the one it is likely to
      # reach the standing price or the most to pay. [Date, text] or nil.
      def due
        return [prospect.remind_on, "as you asked"] if prospect.remind_on
        return unless forecast && (limit = prospect.standing_minor || most)

        point = forecast.reaches(limit)
        return unless point && forecast.rule

        [point.on,
         "the price should be down to #{amounts.price(point.tag)}, and you can pay #{amounts.at_most(limit)}"]
      end

      # Cautions to have in mind before buying; its age is not known in a shop.
      def cautions = Core::Planning::Cautions.before_buying(kind: prospect.kind, condition: prospect.condition)

      def amounts = @workshop.amounts

      private

      def positive(amount) = amount && [amount, 0].max

      # What somebody gave: likely with low or high, or likely alone, which then has the usual spread; else what is
      # usual.
      def given(what, unit, usual)
        points = given_points(what, unit)
        return points if points

        likely = prospect["#{what}_likely_#{unit}"]
        likely ? Core::Scout::Estimate.around(likely, usual, source: "as you entered it") : usual
      end

      # Points that say their own doubt; nil where only the likely one was given.
      def given_points(what, unit)
        low, likely, high = POINTS.map { |point| prospect["#{what}_#{point}_#{unit}"] }
        return unless likely && (low || high)

        Core::Scout::Estimate.three(low || likely, likely, high || likely, source: "as you entered it",
                                                                           field: :"#{what}_likely")
      end

      # The likely price: own listings, the usual table and a figure that was given, each by how sure it is; nil
      # where nobody knows.
      def by_market
        given = { condition: prospect.condition, count: prospect.count, resale: prospect.resale_likely_minor }
        value = Market::Values.of_kind(prospect.kind, **given) or return
        words = Core::Market::ValueWords.new(value, got: Market::Fits.standing.got)
        own = value.sources.find { |source| source.key == "own" }
        alone = value.sources.map(&:key) == ["usual"]
        single = @defaults.pair? && prospect.count == 1 ? ", less because it's a single" : ""
        source = alone ? "#{@defaults.source}#{single}" : words.sentence
        Core::Scout::Estimate.spread(*words.fetch, doubt: value.doubt, from: own&.number, source: source)
      end

      # What one brings where it is sold with its like.
      def together
        value = Market::Values.of_kind(prospect.kind, condition: prospect.condition, count: 2) or return
        middle = value.middle * Market::Values.got / 2
        Core::Scout::Estimate.spread(middle, middle, middle, doubt: value.doubt, source: "from the market")
      end

      def usual(what, default)
        base = own(what) || default or return
        factor = Rational(condition[what].to_s) * prospect.count
        base.times(factor, source: "#{base.source}#{", #{condition[:label].downcase}" unless condition[what] == 1}")
      end

      def own(what)
        values = @histories.of(prospect.kind)[what]
        Core::Scout::Estimate.own(values, source: "from #{values.size} of your own #{prospect.kind.pluralize}")
      end

      def sightings
        Core::Scout::Sightings.new(prospect.sightings.map do |row|
          Core::Scout::Sightings::Sighting.new(on: row.seen_on, tag: row.tag_minor)
        end)
      end

      def rule
        return unless prospect.cut_basis

        size = Core::Units::Numerals.parse(prospect.cut_size)
        Core::Scout::TagRule.new(basis: prospect.cut_basis, every: prospect.cut_every,
                                 cut: prospect.cut_basis == "amount" ? size * @workshop.money.unit : size / 100)
      end

      # m³, from its own measures or the usual ones of its kind.
      def volume
        usual = Core::Planning::Shape::Kinds.template(prospect.kind)
        %i[width depth height].inject(1.0) do |product, side|
          product * ((prospect["#{side}_mm"] || usual[side]) / 1000.0)
        end
      end
    end
  end
end
