# frozen_string_literal: true

module Core
  module Market
    # A value and who says it, in words.
    class ValueWords
      # key; label; share: Integer percent, adding up to 100; says: minor units by itself, or nil; words: what it
      # rests on.
      Line = Struct.new(:key, :label, :share, :says, :words, keyword_init: true)
      LABELS = { "own" => "Your own of the kind", "others" => "Your other pieces", "comparables" => "Prices looked up for it",
                 "seen" => "Prices looked up for others", "usual" => "The usual table", "typed" => "The figure you gave",
                 "new" => "A share of what it costs new" }.freeze

      PLURAL = %w[own others comparables seen].freeze

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

      # "your own of the kind count 55%, prices looked up for it 30%, the usual table 15%".
      def sentence
        first, *rest = lines
        [first && "#{first.label} #{PLURAL.include?(first.key) ? 'count' : 'counts'} #{first.share}%",
         *rest.map { |line| "#{line.label.sub(/\A\w/, &:downcase)} #{line.share}%" }].compact.join(", ")
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
        when "own" then "#{count(source.number, 'listing')} of yours: how long they stood at which prices, what stood long, what went at once"
        when "others" then "#{count(source.number, 'listing')} of other kinds: how your market stands to the usual figures"
        when "comparables" then "#{count(source.number, 'price')}; what is still for sale stands dear, and is taken for less"
        when "seen" then "of the kind, and of others"
        when "usual" then "what such pieces usually bring: common practice, weak, no source"
        when "typed" then "as sure as such figures of yours have been"
        else "about 30% of the new price, a wide guess"
        end
      end

      def count(number, word) = Units::Numerals.counted(number.to_i, word)
    end
  end
end
