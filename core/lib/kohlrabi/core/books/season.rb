# frozen_string_literal: true

module Core
  module Books
    # Whether the time of the year moves sales: one wave over the year, by a score test with two degrees of freedom
    # over days stood and sales by month; and whether one month alone stands out, by log-rank over days stood. Said
    # only where it is more than chance makes of it.
    class Season
      LEVEL = 0.05 # of the year's wave
      ALONE = 0.025 # of one month among twelve
      EXPECTED = 4 # sales expected in a month, below which nothing is said of it alone
      SALES = 12 # below which nothing is said of the year
      MONTHS = 8 # months of the year on which something has to have stood
      LONGEST = 400 # days of a listing that are looked at
      # from: Date listed; days: stood; sold: on the last of them.
      Listing = Struct.new(:from, :days, :sold)
      # month: 1..12 or nil; ratio: how much more (or less) sold than expected; n: listings; p: by chance alone; text.
      Note = Struct.new(:month, :ratio, :n, :p, :text, keyword_init: true)

      # stays: Array of Listing.
      def initialize(stays)
        @stays = stays.reject { |stay| stay.days.negative? }
      end

      # Array of Note: the year's wave first, then months that stand out; empty where history supports none.
      def notes = [wave, *months].compact

      # Chance that as much of a wave comes by chance alone: exp(−χ² ÷ 2); nil where too little is known.
      def chance
        days, sold = by_month
        all = days.sum
        return if sold.sum < SALES || days.count(&:positive?) < MONTHS

        rate = sold.sum.to_f / all
        score, information = score(days, sold, rate)
        determinant = (information[0] * information[2]) - (information[1]**2)
        return if determinant <= 1e-9

        square = (information[2] * score[0] * score[0]) - (2 * information[1] * score[0] * score[1]) + (information[0] * score[1] * score[1])
        Math.exp(-square / determinant / 2)
      end

      private

      # Days stood and sales by month, January first.
      def by_month
        @by_month ||= begin
          days = Array.new(12, 0.0)
          sold = Array.new(12, 0)
          @stays.each do |stay|
            each_month(stay) { |month, length| days[month - 1] += length }
            sold[(stay.from + stay.days).month - 1] += 1 if stay.sold
          end
          [days, sold]
        end
      end

      def each_month(stay)
        from = stay.from
        to = stay.from + [stay.days, LONGEST].min
        yield from.month, 0.5 if from == to
        while from < to
          last = [Date.new(from.year, from.month, -1) + 1, to].min
          yield from.month, (last - from).to_f
          from = last
        end
      end

      # Score and information of the two waves at none, the rate of all kept.
      def score(days, sold, rate)
        waves = (1..12).map { |month| Market::Model::ListingPath::WAVES[month] }
        expected = days.map { |stood| stood * rate }
        score = [0, 1].map { |i| (0...12).sum { |m| (sold[m] - expected[m]) * waves[m][i] } }
        means = [0, 1].map { |i| (0...12).sum { |m| expected[m] * waves[m][i] } / expected.sum }
        information = [[0, 0], [0, 1], [1, 1]].map do |i, j|
          (0...12).sum { |m| expected[m] * (waves[m][i] - means[i]) * (waves[m][j] - means[j]) }
        end
        [score, information]
      end

      def wave
        p = chance
        return unless p && p <= LEVEL

        best = ends
        Note.new(n: @stays.size, p: p, text: "The time of the year moves your sales: #{Date::MONTHNAMES[best.first]} is about the best month, " \
                                             "#{Date::MONTHNAMES[best.last]} about the slowest, from #{@stays.size} listings.").freeze
      end

      # Months in the middle of the fastest and the slowest half-year, by sales over days.
      def ends
        days, sold = by_month
        rate = sold.sum / days.sum
        score, = score(days, sold, rate)
        at = (1..12).max_by { |month| Market::Model::ListingPath::WAVES[month].zip(score).sum { |wave, s| wave * s } }
        [at, ((at + 5) % 12) + 1]
      end

      def months = (1..12).filter_map { |month| month_note(month) }

      def month_note(month)
        found = Statistics::LogRank.new(standing(month))
        return if found.expected < EXPECTED || found.p * 12 > ALONE

        ratio = Rational(found.observed) / Rational(found.expected.to_s)
        expected = Units::Numerals.text(Rational(found.expected.round(1).to_s), 1)
        Note.new(month: month, ratio: ratio, n: @stays.size, p: found.p,
                 text: "#{Date::MONTHNAMES[month]}: #{found.observed} sold where #{expected} were to be expected of days stood, " \
                       "#{ratio > 1 ? 'more' : 'fewer'} than chance makes of it, from #{@stays.size} listings.").freeze
      end

      # By day stood: [standing in that month, standing, sold in that month, sold].
      def standing(month)
        table.filter_map do |row|
          next if row[:sold].sum.zero?

          [row[:standing][month - 1], row[:standing].sum, row[:sold][month - 1], row[:sold].sum]
        end
      end

      def table
        @table ||= begin
          rows = []
          @stays.each do |stay|
            last = [stay.days, LONGEST].min
            0.upto(last) do |day|
              row = rows[day] ||= { standing: Array.new(12, 0), sold: Array.new(12, 0) }
              month = (stay.from + day).month - 1
              row[:standing][month] += 1
              row[:sold][month] += 1 if stay.sold && day == stay.days
            end
          end
          rows
        end
      end
    end
  end
end
