# frozen_string_literal: true

module Kohlrabi
  module Core
    module Units
      # Amounts of material as a person types them: "250 ml", "0.5 L", "1/3", "6". unit: ml, g or pcs.
      module Quantity
        TIMES = { "ml" => { "ml" => 1, "l" => 1000, "cl" => 10 }, "g" => { "g" => 1, "kg" => 1000 },
                  "pcs" => { "pcs" => 1, "m" => 1, "m²" => 1 } }.freeze
        QUARTERS = { "full" => 1r, "3/4" => 3/4r, "1/2" => 1/2r, "1/4" => 1/4r, "empty" => 0r }.freeze

        module_function

        # Returns a Rational in the unit. Raises Refusal.
        def parse(text, unit:)
          match = text.to_s.strip.match(%r{\A(?<number>[\d.,]+(?:/\d+)?)\s*(?<word>\p{L}+²?)?\z})
          times = match && (match[:word] ? TIMES.fetch(unit)[match[:word].downcase] : 1)
          raise Refusal.new(:not_an_amount_in, given: text, unit: word(unit), example: example(unit)) unless times

          number(match[:number]) * times
        end

        # A share of a whole: "1/3", "25%", "full". Returns a Rational from 0 to 1. Raises Refusal.
        def share(text)
          plain = text.to_s.strip.downcase
          value = QUARTERS.fetch(plain) { plain.end_with?("%") ? Numerals.parse(plain.delete_suffix("%").strip) / 100 : number(plain) }
          return value if value.between?(0, 1)

          raise Refusal.new(:not_a_part_of_the_whole, given: text)
        end

        # A number of parts, above 0: "2", "0.5", "1/3". Returns a Rational. Raises Refusal.
        def ratio(text)
          value = number(text.to_s.strip)
          return value if value.positive?

          raise Refusal.new(:no_part_of_a_mix, given: text)
        end

        def number(text)
          over, under = text.split("/")
          return Numerals.parse(over) unless under
          raise Refusal.new(:divided_by_zero) if under.to_i.zero?

          Numerals.parse(over) / Integer(under, 10)
        rescue ArgumentError
          raise Refusal.new(:not_a_part_number, given: text)
        end
        private_class_method :number

        def word(unit) = unit == "pcs" ? "pieces" : unit
        private_class_method :word

        def example(unit) = { "ml" => "250 ml or 0.5 L", "g" => "250 g or 1 kg", "pcs" => "6" }.fetch(unit)
        private_class_method :example
      end
    end
  end
end
