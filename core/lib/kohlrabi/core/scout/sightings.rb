# frozen_string_literal: true

module Core
  module Scout
    # The tags seen on one piece over time, and the rule of cuts they betray.
    class Sightings
      Sighting = Struct.new(:on, :tag, keyword_init: true)
      INTERVALS = [7, 14, 10, 21, 28, 30].freeze # tried in this order: weekly is the commonest
      WEEKLY = 7

      attr_reader :all, :run

      # seen: Array of Sighting in any order (tag in minor units). A rise begins a new run; the forecast rests on the
      # last run. Of two on one day the one noted later stands.
      def initialize(seen)
        @twice = seen.group_by(&:on).select { |_, rows| rows.size > 1 }.keys
        @all = seen.each_with_index.sort_by do |one, index|
          [one.on, index]
        end.map(&:first).group_by(&:on).values.map(&:last)
        @rise = all.each_cons(2).reverse_each.find { |earlier, later| later.tag > earlier.tag }
        @run = @rise ? all[all.index(@rise.last)..] : all
      end

      def last = all.last
      def first = run.first

      # What is to be said of them: a rise between two of them. Array of sentences.
      def remarks(currency) = [*twice, *rise(currency)]

      def twice
        @twice.sort.map { |day| "Two prices on #{Units::Calendar.text(day)}: the later one counts. One day isn't enough to tell how the shop marks prices down." }
      end
      private :twice

      def rise(currency)
        return [] unless @rise

        before, after = @rise
        money = ->(seen) { Units::MoneyText.text(seen.tag, currency) }
        ["The price rose from #{money.call(before)} on #{Units::Calendar.text(before.on)} to #{money.call(after)} on " \
         "#{Units::Calendar.text(after.on)}, so the forecast starts over from there."]
      end
      private :rise

      # The rule inferred: TagRule, or nil with fewer than two sightings or without a fall.
      # Two cannot give both size and interval: weekly is assumed, and said.
      def rule
        return if run.size < 2 || run.last.tag >= run.first.tag
        return assumed_weekly if run.size == 2

        fits = INTERVALS.product(%w[current amount]).filter_map { |every, basis| fit(every, basis) }
        best, = fits.min_by.with_index { |(_, error), index| [error, index] }
        best
      end

      private

      def assumed_weekly
        days = (run.last.on - run.first.on).to_i
        cuts = [days / WEEKLY, 1].max
        TagRule.new(basis: "current", cut: share(cuts), every: WEEKLY,
                    source: "from two prices, assuming weekly markdowns")
      end

      # [TagRule, how far it misses the sightings in minor units].
      def fit(every, basis)
        return if cuts_to(run.last, every).zero?

        size = if basis == "current"
                 share(cuts_to(run.last,
                               every))
               else
                 Rational(first.tag - run.last.tag, cuts_to(run.last, every))
               end
        rule = TagRule.new(basis: basis, cut: size, every: every, source: "from #{run.size} sightings")
        [rule, run.sum { |seen| (rule.after(cuts_to(seen, every), price: first.tag) - seen.tag).abs }]
      end

      def cuts_to(seen, every) = (seen.on - first.on).to_i / every

      # The share of the current price cut each time, to a tenth of a percent: shops cut in round figures.
      def share(cuts)
        exact = 1 - ((run.last.tag / run.first.tag.to_f)**(1.0 / cuts))
        [Rational((exact * 1000).round, 1000), Rational(1, 1000)].max
      end
    end
  end
end
