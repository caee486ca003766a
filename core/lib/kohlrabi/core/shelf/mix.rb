# frozen_string_literal: true

module Core
  module Shelf
    # A mix by parts of volume: scaled to what is needed, and corrected by adding the least of each part.
    class Mix
      include Refusing

      # key: of a product, or the name of something that is on no shelf (water); parts: Rational above 0.
      Part = Struct.new(:key, :label, :parts, keyword_init: true)
      # adds: {key => ml, Rational}; whole: ml afterwards.
      Correction = Struct.new(:adds, :whole, keyword_init: true)
      MAX_PARTS = 10
      THOUSANDTHS = 1000
      LARGE = 100

      attr_reader :parts

      # Raises Refusal for fewer than two parts, more than ten, one named twice, and parts of 0 or less.
      def initialize(parts)
        refuse(:one_part_makes_no_mix) if parts.size < 2
        refuse(:too_many_parts, number: parts.size, most: MAX_PARTS) if parts.size > MAX_PARTS
        twice = parts.map(&:key).tally.key(2)
        refuse(:named_twice, label: parts.find { |part| part.key == twice }.label) if twice
        none = parts.find { |part| !part.parts.positive? }
        refuse(:no_part_in_it, none: none.label) if none
        @parts = parts
      end

      def total = @total ||= parts.sum(&:parts)

      # {key => share of the whole, Rational}.
      def shares = parts.to_h { |part| [part.key, part.parts.to_r / total] }

      # whole: ml. {key => ml, Rational}: whole thousandths that add up to it.
      def amounts(whole)
        refuse(:mix_of_nothing, field: :amount) unless whole.positive?
        split = Flips::Shares.split((whole * THOUSANDTHS).round, parts.map { |part| part.parts.to_r })
        parts.map(&:key).zip(split.map { |number| Rational(number, THOUSANDTHS) }).to_h
      end

      # ml of the whole that so much of one part makes.
      def from(key, amount) = amount * total / parts.find { |part| part.key == key }.parts

      # The least to add of each part so that what is there becomes this mix. present: {key => ml}.
      # From 200 : 100 : 0 to 2 : 2 : 1 it needs 0, 100 and 100. Raises Refusal where something is in it that the new
      # parts leave out.
      def correction(present)
        there = present.reject { |_, amount| amount.zero? }
        refuse(:nothing_left_to_correct) if there.empty?
        foreign = (there.keys - parts.map(&:key)).first
        refuse(:cannot_be_unmixed, foreign: foreign) if foreign

        by_key = parts.to_h { |part| [part.key, part.parts.to_r] }
        times = there.map { |key, amount| amount.to_r / by_key.fetch(key) }.max
        adds = by_key.to_h { |key, number| [key, up((number * times) - there.fetch(key, 0))] }
        Correction.new(adds: adds, whole: there.values.sum + adds.values.sum)
      end

      # "2 : 2 : 1" in the smallest whole numbers; where these grow large, percents: "95.3 : 4.7".
      def text
        ratios = parts.map { |part| part.parts.to_r }
        whole = ratios.map { |ratio| (ratio * ratios.map(&:denominator).reduce(:lcm)).to_i }
        small = whole.map { |number| number / whole.reduce(:gcd) }
        return small.join(" : ") if small.max <= LARGE

        shares.values.map { |share| Units::Numerals.text(share * 100, 1) }.join(" : ")
      end

      private

      def up(amount) = Rational((amount * THOUSANDTHS).ceil, THOUSANDTHS)
      def refuse(code, field: :parts, **params) = super
    end
  end
end
