# frozen_string_literal: true

module Core
  module Market
    # The price tape: one horizontal scale in money that carries what a decision is read off.
    class PriceTape
      MARKS = { cash_in: "spent so far", break_even: "break-even", floor: "lowest price", target: "target price",
                asking: "asking", sold: "sold", fetch_low: "likely from", value: "likely price", fetch_high: "likely to", offer: "offered",
                most: "pay at most", walk_away: "walk away", tag: "tag price", standing: "I'd buy at", resale: "expected price" }.freeze
      STEPS = [1, 2, 5].freeze
      LABELLED = 8 # at most this many labelled steps on the scale

      # amounts: Hash of mark key => Integer minor units or nil (left off). unit: minor units in one major unit.
      def initialize(amounts, unit: 100)
        @amounts = amounts.slice(*MARKS.keys).compact
        @unit = unit
      end

      # Marks in ascending order: {key:, label:, amount:}.
      def marks
        @amounts.map { |key, amount| { key: key, label: MARKS.fetch(key), amount: amount } }
                .sort_by.with_index { |mark, index| [mark[:amount], index] }
      end

      # Labelled step of the scale in minor units: 1, 2 or 5 times a power of ten, never below a major unit.
      def step
        widest = [@amounts.values.max.to_i, @unit].max
        exponents = (0..12).flat_map { |power| STEPS.map { |digit| digit * (10**power) * @unit } }
        exponents.find { |candidate| widest <= candidate * (LABELLED - 1) }
      end

      # The end of the scale: the first labelled step that leaves air beyond the highest mark.
      def length
        widest = [@amounts.values.max.to_i, @unit].max
        ((widest / step) + 1) * step
      end
    end
  end
end
