# frozen_string_literal: true

module Core
  module Market
    # What others ask and get for pieces like it: quartiles weighted by likeness; what is only asked is scaled by
    # what is got of it.
    class Comparables
      # price: minor units; sold: whether it was got, not only asked; likeness: 1 (somewhat) to 3 (just like it).
      One = Struct.new(:price, :sold, :likeness, :seen_on, keyword_init: true)
      GOT = 0.85r # of what is asked, until own sales say otherwise (common practice, weak)
      OWN = 5 # own sales with an asking price from which their ratio counts
      LIKENESS = { 1 => "somewhat like it", 2 => "much like it", 3 => "just like it" }.freeze

      # Own median of sold ÷ asked where there are enough, else the usual. pairs: Array of [sold, asked]. Returns
      # [Rational, sentence].
      def self.ratio(pairs)
        ratios = pairs.select { |_, asked| asked.positive? }.map { |sold, asked| Rational(sold, asked) }
        return [GOT, "pieces sell for about 85% of the asking price (built-in guess)"] if ratios.size < OWN

        median = Statistics::Quantiles.at(ratios, 1/2r)
        [median, "#{Units::Numerals.text(median * 100, 0)}% of your asking price, the median of #{ratios.size} sales"]
      end

      # list: Array of One; ratio: Rational.
      def initialize(list, ratio: GOT)
        @list = list
        @ratio = ratio
      end

      def count = @list.size

      # What one is worth as if it were sold, Rational.
      def worth(one) = one.sold ? one.price.to_r : one.price * @ratio

      # [lower quartile, median, upper quartile] in minor units; nil without any.
      def quartiles = @list.empty? ? nil : [1/4r, 1/2r, 3/4r].map { |share| weighted(share).round }

      private

      # The value at which so much of the weight is reached; between two where it is reached exactly.
      def weighted(share)
        rows = @list.map { |one| [worth(one), one.likeness] }.sort
        wanted = rows.sum(&:last) * share
        reached = 0
        rows.each_with_index do |(value, weight), index|
          reached += weight
          return (value + rows[index + 1].first) / 2 if reached == wanted && rows[index + 1]
          return value if reached >= wanted
        end
      end
    end
  end
end
