# frozen_string_literal: true

module Core
  module Bench
    # When what was coated, glued or washed may be touched, sanded, coated again and handled: the label's times or
    # the usual ones, made longer by cold and damp. Warm and dry makes none shorter: what the label says is the
    # least (a label always wins).
    class Drying
      USUAL = 20 # °C for which labels are written (common practice)
      HALVES = 10 # °C colder takes twice as long (rule of thumb, common practice, no source)
      DRY = 50 # % relative humidity up to which damp adds nothing (common practice)
      DAMP = 15/1000r # longer by this share for each percent above it, where water must leave (common practice, weak)
      MAX_FACTOR = 4 # times: beyond that nobody should coat at all (see Climate)
      STAGES = { touch: "touch dry", sand: "sand", recoat: "recoat", handle: "handle", cure: "cured" }.freeze
      DAY = 24 * 60

      # row: of Shelf::Products, or nil where no product dries; wait: minutes that the plan waits; climate: Climate
      # or nil. unit: the workshop's unit of length, for what is said.
      def initialize(row, wait:, climate: nil, unit: "mm")
        @unit = unit
        @row = row&.fetch(:base, nil) ? row : {} # glue sets and a wash dries: only a coat has stages
        @wait = wait
        @climate = climate
      end

      # How many times longer than usual, as Rational.
      def factor
        return 1r unless @climate

        [cold * damp, MAX_FACTOR].min.to_r.round(2)
      end

      # Array of [stage, minutes after it was done], earliest first; :next is the step that follows.
      def stages
        own = STAGES.keys.filter_map do |stage|
          # cure is given in days
          [stage, @row[stage] * (stage == :cure ? DAY : 1)] if @row[stage]
        end
        [*own, ([:next, @wait] unless own.any? { |_, minutes| minutes == @wait })].compact
                                                                                  .map do |stage, minutes|
          [stage,
           longer(minutes)]
        end.sort_by(&:last)
      end

      # Minutes until the next step may follow.
      def wait = longer(@wait)

      # Why it takes longer, in words; nil where it does not.
      def why
        return if factor <= 1

        parts = [(Units::Measures.temperature(@climate.air, unit: @unit) if cold > 1),
                 ("#{text(@climate.humidity)}% humidity" if damp > 1)].compact
        "takes #{Units::Numerals.text((factor - 1) * 100, 0)}% longer at #{parts.join(' and ')}"
      end

      private

      def longer(minutes) = (minutes * factor).ceil
      def cold = @climate.air < USUAL ? 2**((USUAL - @climate.air) / HALVES.to_f) : 1
      def damp = @row[:base] == "water" && @climate.humidity > DRY ? 1 + ((@climate.humidity - DRY) * DAMP) : 1
      def text(number) = Units::Numerals.text(number.to_r, number == number.to_i ? 0 : 1)
    end
  end
end
