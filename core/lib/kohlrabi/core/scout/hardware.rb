# frozen_string_literal: true

module Core
  module Scout
    # A set of pulls with some missing, costed three ways: match the missing ones, replace them all, or adapt (keep
    # what is there for the rows that show and put plain ones with a plate on the rest). Minutes are common
    # practice, no source.
    class Hardware
      # money: minor units; seconds of work; total at target pay; each nil with why where a price is missing.
      Way = Struct.new(:key, :label, :money, :seconds, :total, :why, :note, keyword_init: true)
      SEARCH = 45 * 60   # looking for one that matches, a set
      DRILL = 5 * 60     # measuring, drilling, fitting one pull
      FILL = 6 * 60      # filling, sanding and spot-sealing the old holes of one pull
      PLATE = 8 * 60     # fitting one with a plate over the old holes

      # needed, present: counts; same_holes: whether new ones use the old holes; prices in minor units, nil = not
      # known; target_pay: minor units an hour, nil = hours are not priced. Raises Refusal for counts that cannot
      # be.
      def initialize(needed:, present:, match_price: nil, new_price: nil, plate_price: nil, same_holes: false,
                     target_pay: nil)
        unless needed.positive? && present.between?(0, needed)
          raise Refusal.new(:pulls_out_of_range, field: :pulls_present, present: present, needed: needed)
        end

        @needed = needed
        @missing = needed - present
        @prices = { match: match_price, replace: new_price, adapt: plate_price }
        @same_holes = same_holes
        @pay = target_pay.to_i
      end

      def complete? = @missing.zero?

      # The three Ways; empty when nothing is missing.
      def ways
        return [] if complete?

        drill = @same_holes ? 0 : @needed * (FILL + DRILL)
        [way(:match, "Match the missing #{@missing}", @missing, SEARCH + (@missing * DRILL), "old ones can be found, but the finish may " \
                                                                                             "look a little different"),
         way(:replace, "Replace all #{@needed}", @needed, drill.zero? ? @needed * DRILL : drill, replace_note),
         way(:adapt, "Keep #{@needed - @missing}, plates on #{@missing}", @missing, @missing * PLATE,
             "the old ones stay where you see them")]
      end

      # The key of the cheapest way whose price is known, or nil.
      def cheapest = ways.select(&:total).min_by(&:total)&.key

      private

      def way(key, label, count, seconds, note)
        price = @prices.fetch(key)
        money = price && (price * count)
        total = money && (money + Rational(seconds * @pay, Units::Effort::HOUR)).ceil
        Way.new(key: key, label: label, money: money, seconds: seconds, total: total, note: note,
                why: ("enter the price of one" unless price)).freeze
      end

      def replace_note
        @same_holes ? "new ones in the old holes" : "fill the old holes. Filler shows under stain, so paint those fronts"
      end
    end
  end
end
