# frozen_string_literal: true

module Core
  module Market
    # A value and who says it, in words.
    class ValueWords
      # key; label; share: Integer percent, adding up to 100; says: minor units by itself, or nil; words: what it
      # rests on.
      Line = Struct.new(:key, :label, :share, :says, :words, keyword_init: true)
      LABELS = { "own" => "Your own pieces of this kind", "others" => "Your other pieces", "comparables" => "Prices you looked up for it",
                 "seen" => "Prices you looked up for others", "usual" => "Built-in guess", "typed" => "Your expected price",
                 "new" => "A share of the new price" }.freeze

      # value: Model::Value; got: Model::SaleToAsk; kind: word for it.
      def initialize(value, got:, kind: nil)
        @value = value
        @got = got
        @kind = kind
      end

      # Array of Line, the heaviest first; what comes to less than half a percent is left out.
      def lines
        shares = Flips::Shares.split(100, @value.sources.map { |source| (source.share * 10_000).round })
        @value.sources.zip(shares).filter_map do |source, share|
          next if share.zero?

          Line.new(key: source.key, label: LABELS.fetch(source.key), share: share, says: source.log && Math.exp(source.log).round,
                   words: words(source)).freeze
        end
      end

      # "Based on your own pieces of this kind (55%), prices you looked up for it (30%), and a built-in guess (15%)."
      def sentence
        said = lines.map { |line| "#{line.label.sub(/\A\w/, &:downcase).sub(/\Abuilt/, 'a built')} (#{line.share}%)" }
        last = said.pop
        return "" unless last

        "Based on #{said.any? ? "#{said.join(', ')}#{',' if said.size > 1} and #{last}" : last}."
      end

      # What it brings is what is got of it.
      def fetch = [@value.low, @value.middle, @value.high].map { |asked| (asked * @got.share).round }

      # The same as people say it: in fives from a hundred on, else in whole units. unit: minor units in one.
      def fetch_said(unit)
        fetch.map do |minor|
          step = unit * (minor >= 100 * unit ? 5 : 1)
          minor >= unit ? (minor.to_r / step).round * step : minor
        end
      end

      private

      def words(source)
        case source.key
        when "own" then "#{count(source.number, 'listing')} of yours: at which prices they sold, and how fast"
        when "others" then "#{count(source.number, 'listing')} of other kinds: how your prices compare with the built-in ones"
        when "comparables" then "#{count(source.number,
                                         'price')} you looked up. Asking prices are counted lower, because pieces usually sell for less"
        when "seen" then "of this kind and others"
        when "usual" then "what pieces like this usually bring"
        when "typed" then "as reliable as your estimates have been"
        else "about 30% of the new price, a rough guess"
        end
      end

      def count(number, word) = Units::Numerals.counted(number.to_i, word)
    end
  end
end
