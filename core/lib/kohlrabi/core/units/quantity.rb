# frozen_string_literal: true

require "did_you_mean"

module Core
  module Units
    # Amounts of material as a person types them: "250 ml", "1 qt", "1/2 gal", "32 fl oz", "1 lb 4 oz", "6". kept: ml,
    # g, m², m or pcs.
    module Quantity
      PIECES = { "pcs" => 1, "pc" => 1, "piece" => 1, "pieces" => 1, "m" => 1, "m²" => 1 }.freeze
      QUARTERS = { "full" => 1r, "3/4" => 3/4r, "1/2" => 1/2r, "1/4" => 1/4r, "empty" => 0r }.freeze
      NUMBER = %r{(?:\d+\s+)?\d+/\d+|\d[\d.,]*}
      WORD = /[[:alpha:]][[:alpha:]².]*2?(?:\s+[[:alpha:]]{2,}\.?)?/

      extend self

      # unit: what the workshop's bare numbers are in: "mm" metric, "in" US customary. Returns a Rational in the kept
      # unit. Raises Refusal.
      def parse(text, unit:, house: "mm")
        words = unit == "pcs" ? PIECES : Measures.words(unit)
        plain = text.to_s.strip
        parts = plain.scan(/(#{NUMBER})\s*(#{WORD})?/o)
        refuse(plain, unit, house, words) unless plain.match?(/\A(?:#{NUMBER}\s*(?:#{WORD})?\s*)+\z/o) && parts.any?
        bare = parts.any? { |_, word| word.nil? }
        refuse(plain, unit, house, words) if parts.size > 1 && bare # "3 gal 2": two of what?
        parts.sum { |number, word| number(number) * times(word, unit, house, words, plain) }
      end

      # A share of a whole: "1/3", "25%", "full". Returns a Rational from 0 to 1. Raises Refusal.
      def share(text)
        plain = text.to_s.strip.downcase
        value = QUARTERS.fetch(plain) do
          plain.end_with?("%") ? Numerals.parse(plain.delete_suffix("%").strip) / 100 : number(plain)
        end
        return value if value.between?(0, 1)

        raise Refusal.new(:not_a_part_of_the_whole, given: text)
      end

      # A number of parts, above 0: "2", "0.5", "1/3". Returns a Rational. Raises Refusal.
      def ratio(text)
        value = number(text.to_s.strip)
        return value if value.positive?

        raise Refusal.new(:no_part_of_a_mix, given: text)
      end

      SLIPS = 2 # letters by which a word is still taken for a slip of another, fewer than half of its own

      private

      def times(word, unit, house, words, plain)
        return (unit == "pcs" ? 1 : Measures.bare(unit, unit: house)) unless word

        words[word.downcase.squeeze(" ").delete_suffix(".")] || refuse(plain, unit, house, words)
      end

      # With the nearest unit that there is, where one was misspelt.
      def refuse(plain, unit, house, words)
        example = unit == "pcs" ? "6" : Measures.example(unit, unit: house)
        said = plain[WORD]
        near = said && nearest(said.downcase, words.keys)
        raise Refusal.new(:unit_misspelt, given: plain, near: plain.sub(said, near), example: example) if near

        raise Refusal.new(:not_an_amount, given: plain, example: example)
      end

      # The unit that a word was meant to be; nil for one that is a unit, of whatever, or like none.
      def nearest(said, words)
        return if (words | Measures::KEPT.flat_map { |kept| Measures.words(kept).keys } | PIECES.keys).include?(said)

        word, slips = words.map { |one| [one, DidYouMean::Levenshtein.distance(said, one)] }.min_by { |one, number| [number, one.size] }
        word if slips <= SLIPS && 2 * slips < said.size
      end

      # "2", "0,5", "1/3", "1 1/2".
      def number(text)
        whole, fraction = text.include?("/") ? text.split(%r{\s+(?=\d+/)}) : [text, nil]
        return divided(whole) unless fraction

        Numerals.parse(whole) + divided(fraction)
      end

      def divided(text)
        over, under = text.split("/")
        return Numerals.parse(over) unless under
        raise Refusal.new(:divided_by_zero) if under.to_i.zero?

        Numerals.parse(over) / Integer(under, 10)
      rescue ArgumentError
        raise Refusal.new(:not_a_part_number, given: text)
      end
    end
  end
end
