# frozen_string_literal: true

module Core
  module Market
    # The asking price over a target: room for haggling, then up to the next ending that the house likes; and the
    # steps down from it.
    module AskingPrice
      # Endings as {key => [label, Array of [modulus, rest] in whole currency units]}.
      ENDINGS = { "none" => ["any amount", [[1, 0]]], "5" => ["5 or 0", [[5, 0]]], "9" => ["9", [[10, 9]]],
                  "59" => ["5 or 9", [[10, 5], [10, 9]]] }.freeze
      MAX_STEPS = 40

      extend self

      # target: minor units; haggle: Rational from 0, under 1; ending: key; unit: minor units in one. Returns minor
      # units. Raises Refusal.
      def over(target, haggle: 0, ending: "none", unit: 100)
        raise Refusal.new(:haggling_leaves_no_price, field: :haggle) if haggle >= 1

        ended((Rational(target) / (1 - haggle)).ceil, ending, unit)
      end

      # The next amount at or above with such an ending; "whole": the next whole unit.
      def ended(minor, ending, unit)
        return minor if ending == "none"

        whole = Rational(minor, unit).ceil
        return whole * unit if ending == "whole"

        whole += 1 until ENDINGS.fetch(ending).last.any? { |modulus, rest| whole % modulus == rest }
        whole * unit
      end

      # Steps down from a price: [[Date, minor units]], each by a percent, rounded down to the minor unit, to the
      # floor and no lower. every: days; by: Rational share. No steps where none are wanted or the price is at the
      # floor.
      def steps(price, floor:, from:, every:, by:)
        return [] unless every&.positive? && by&.positive? && floor && price > floor

        rows = []
        while price > floor && rows.size < MAX_STEPS
          price = [(price * (1 - by)).floor, floor].max
          rows << [from + (every * (rows.size + 1)), price]
        end
        rows
      end
    end
  end
end
