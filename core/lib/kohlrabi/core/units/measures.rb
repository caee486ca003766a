# frozen_string_literal: true

module Core
  module Units
    # Volumes, masses, temperatures and spreading rates: kept in ml, g, °C and m²/L, read as they are typed with their
    # unit, shown in the house's measures. unit: the house's unit of length: "mm" is metric, "in" US customary
    # throughout.
    # Factors: NIST SP 811, appendix B.8: the US gallon is 231 cubic inches, the avoirdupois pound 453.59237 g, the inch
    # 25.4 mm, all exact.
    module Measures
      GALLON = 231 * (Rational(254, 100)**3) # ml
      FLUID_OUNCE = GALLON / 128
      POUND = Rational(45_359_237, 100_000) # g
      VOLUMES = { "ml" => 1, "cl" => 10, "dl" => 100, "l" => 1000, "fl oz" => FLUID_OUNCE, "cup" => GALLON / 16, "pt" => GALLON / 8,
                  "qt" => GALLON / 4, "gal" => GALLON, "tbsp" => FLUID_OUNCE / 2, "tsp" => FLUID_OUNCE / 6 }.freeze
      MASSES = { "g" => 1, "kg" => 1000, "oz" => POUND / 16, "lb" => POUND }.freeze
      # What people write for them.
      NAMES = { "millilitre" => "ml", "milliliter" => "ml", "litre" => "l", "liter" => "l", "ltr" => "l", "fluid ounce" => "fl oz",
                "floz" => "fl oz", "fl. oz" => "fl oz", "fl.oz" => "fl oz", "pint" => "pt", "quart" => "qt", "gallon" => "gal",
                "tablespoon" => "tbsp", "teaspoon" => "tsp",
                "gram" => "g", "gramme" => "g", "kilo" => "kg", "kilogram" => "kg", "ounce" => "oz", "pound" => "lb", "lbs" => "lb" }.freeze
      FOOT = Rational(3048, 10_000) # m
      RUNS = /\A(?<number>[\d.,]+)\s*(?<word>m|met(?:er|re)s?|ft|feet|foot|yd|yards?)?\z/i
      SQUARE_FOOT = FOOT**2 # m²
      AREAS = { "m²" => 1, "m2" => 1, "sq m" => 1, "square metres" => 1, "square meters" => 1, "ft²" => SQUARE_FOOT, "ft2" => SQUARE_FOOT,
                "sq ft" => SQUARE_FOOT, "square feet" => SQUARE_FOOT, "sq yd" => 9 * SQUARE_FOOT, "yd²" => 9 * SQUARE_FOOT }.freeze
      LONG = { "m" => 1, "metres" => 1, "meters" => 1, "cm" => 1/100r, "mm" => 1/1000r, "ft" => FOOT, "feet" => FOOT, "yd" => 3 * FOOT,
               "yards" => 3 * FOOT, "in" => FOOT / 12 }.freeze
      KEPT = %w[ml g m² m].freeze # what amounts are kept in, beside pieces
      RATE = SQUARE_FOOT * 1000 / GALLON # m²/L of 1 ft²/gal
      TEMPERATURES = /\A(?<number>[-−]?[\d.,]+)\s*(?:°\s*)?(?<word>c|f|celsius|fahrenheit)?\z/i
      RATES = %r{\A(?<number>[\d.,]+)\s*(?<word>m²/l|m2/l|ft²/gal|ft2/gal|sq ft/gal|sq\.? ?ft per gal(?:lon)?)?\z}i

      extend self

      def us?(unit) = unit == "in"

      # ml. "250 ml", "1.12 L"; "8.5 fl oz", "1.5 qt", "2 gal".
      def volume(millilitres, unit:)
        return metric(millilitres, "ml", "L") unless us?(unit)

        said(millilitres, [["gal", GALLON], ["qt", GALLON / 4], ["fl oz", FLUID_OUNCE]])
      end

      # g. "50 g", "1.2 kg"; "3.5 oz", "1.25 lb".
      def mass(grams, unit:) = us?(unit) ? said(grams, [["lb", POUND], ["oz", POUND / 16]]) : metric(grams, "g", "kg")

      # m² of cloth, paper or liner. "1.38 m²", "14.9 ft²".
      def spread(square, unit:, places: 1)
        us?(unit) ? "#{trimmed(square.to_r / SQUARE_FOOT, places)} ft²" : "#{trimmed(square.to_r, 2)} m²"
      end

      # Metres of tape, cloth or liner. "4.2 m", "13.8 ft".
      def run(metres, unit:) = us?(unit) ? "#{trimmed(metres.to_r / FOOT, 1)} ft" : "#{trimmed(metres.to_r, 2)} m"
      def run_unit(unit) = us?(unit) ? "ft" : "m"

      # Of little thickness: "0.6 mm", "0.024 in".
      def thin(millimetres, unit:)
        us?(unit) ? "#{trimmed(millimetres.to_r / Length::MM_PER['in'], 3)} in" : "#{trimmed(millimetres.to_r, 1)} mm"
      end

      # text: "25 m", "60 yd", "82". Returns Rational metres. Raises Refusal.
      def parse_run(text, unit:)
        found = text.to_s.strip.match(RUNS) or raise Refusal.new(:not_a_length, given: text,
                                                                                example: "Write it in #{run_unit(unit)}, such as 25.")
        Numerals.parse(found[:number]) * { "m" => 1, "f" => FOOT,
                                           "y" => 3 * FOOT }.fetch(found[:word]&.downcase&.slice(0) || run_unit(unit)[0])
      end

      # °C. "18 °C", "64.4 °F".
      def temperature(celsius, unit:) = "#{degrees(celsius, unit: unit)} #{temperature_unit(unit)}"
      def degrees(celsius, unit:) = trimmed(us?(unit) ? (celsius.to_r * 9/5r) + 32 : celsius.to_r, 1)

      # A difference of temperatures, in °C. "3 °C", "5.4 °F".
      def warmer(celsius, unit:)
        "#{trimmed(us?(unit) ? celsius.to_r * 9/5r : celsius.to_r, 1)} #{temperature_unit(unit)}"
      end

      def temperature_unit(unit) = us?(unit) ? "°F" : "°C"

      # m²/L. "9 m²/L", "367 ft²/gal".
      def rate(square_metres, unit:) = "#{rate_number(square_metres, unit: unit)} #{rate_unit(unit)}"
      def rate_number(rate, unit:) = us?(unit) ? Numerals.plain(rate.to_r / RATE, 0) : trimmed(rate.to_r, 2)
      def rate_unit(unit) = us?(unit) ? "ft²/gal" : "m²/L"

      # text: "65 °F", "18", "18,5 c". Returns Float °C, whole hundredths. Raises Refusal.
      def parse_temperature(text, unit:)
        found = text.to_s.strip.match(TEMPERATURES) or raise Refusal.new(:not_a_temperature, given: text,
                                                                                             unit: temperature_unit(unit))
        value = Numerals.parse(found[:number])
        word = found[:word]&.downcase&.slice(0) || (us?(unit) ? "f" : "c")
        ((word == "f" ? (value - 32) * 5/9r : value) * 1000).round / 1000.0
      end

      # text: "350", "9 m²/L", "350 sq ft/gal". Returns Float m²/L. Raises Refusal.
      def parse_rate(text, unit:)
        found = text.to_s.strip.match(RATES) or raise Refusal.new(:not_a_rate, given: text, unit: rate_unit(unit))
        value = Numerals.parse(found[:number])
        us = found[:word] ? found[:word].match?(/ft/i) : us?(unit)
        (us ? value * RATE : value).to_f
      end

      # Names of the units that an amount may be typed in: {as written, small letters => how many of the kept unit}.
      # kept: of KEPT.
      def words(kept)
        return AREAS if kept == "m²"
        return LONG if kept == "m"

        plain = kept == "ml" ? VOLUMES.merge("oz" => FLUID_OUNCE) : MASSES # an ounce of something liquid is a fluid one
        long = NAMES.select { |_, short| plain.key?(short) }.transform_values { |short| plain.fetch(short) }
        all = plain.merge(long)
        all.merge(all.keys.grep(/\A\w{3,}\z/).to_h do |word|
          ["#{word}s", all[word]]
        end).merge(kept == "ml" ? { "fluid ounces" => FLUID_OUNCE } : {})
      end

      # What a bare number is of: how many of the kept unit.
      # unit: as above, or a unit of mass by name.
      def bare(kept, unit:)
        return MASSES.fetch(unit) if MASSES.key?(unit)

        us?(unit) ? { "ml" => FLUID_OUNCE, "g" => POUND / 16, "m²" => SQUARE_FOOT, "m" => FOOT }.fetch(kept) : 1
      end

      # What prices are said of: [how many of the kept unit, its name]; kept: of KEPT, or pcs.
      def priced(kept, unit:)
        return [1, "piece"] if kept == "pcs"

        large = { "ml" => [GALLON, "gal"], "g" => [POUND, "lb"], "m²" => [SQUARE_FOOT, "ft²"], "m" => [FOOT, "ft"] }
        us?(unit) ? large.fetch(kept) : { "ml" => [1000, "L"], "g" => [1000, "kg"] }.fetch(kept) { [1, kept] }
      end

      def example(kept, unit:)
        { "ml" => us?(unit) ? "1 qt or 8 fl oz" : "250 ml or 0.5 L",
          "g" => us?(unit) || unit == "lb" ? "4 oz or 1 lb" : "250 g or 1 kg",
          "m²" => us?(unit) ? "7 ft²" : "0.6 m²", "m" => us?(unit) ? "8 ft" : "2.5 m" }.fetch(kept)
      end

      private

      # The largest unit of which there is at least one, to two decimals of it, one from ten on.
      def said(amount, units)
        name, size = units.find { |_, one| amount.to_r.abs >= one * Rational(9995, 10_000) } || units.last
        number = amount.to_r / size
        "#{trimmed(number, number.abs >= 10 ? 1 : 2)} #{name}"
      end

      def metric(amount, small, large)
        return "#{Numerals.text(amount.to_r / 1000, 2)} #{large}" if amount >= 1000

        "#{Numerals.text(amount.to_r, amount == amount.to_i ? 0 : 2)} #{small}"
      end

      def trimmed(number, places)
        Numerals.text(number, places).then { |text| text.include?(".") ? text.sub(/\.?0+\z/, "") : text }
      end
    end
  end
end
