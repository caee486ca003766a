# frozen_string_literal: true

module Core
  module Units
    # Hours of work. Kept in whole seconds, so that an imported 3.33 h stays exactly 3.33 h; what people and
    # timers give is in whole minutes.
    module Effort
      HOUR = 3600
      DAY = 24 * HOUR
      LONGEST_WAIT = 60 * DAY # that something may take to dry or cure
      MOST_LEFT = 1000 * HOUR # that a piece may still take
      LONG = 14 # a bare number above it is minutes: nobody works that many hours on a piece in a day
      # Numbers and fractions as people say them, in the order in which they are replaced.
      SAID = { "½" => " 1/2", "¼" => " 1/4", "¾" => " 3/4", "⅓" => " 1/3", "⅔" => " 2/3" }.freeze
      NUMBERS = %w[zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen
                   nineteen twenty].each_with_index.to_h.merge("thirty" => 30, "forty" => 40, "fifty" => 50, "a" => 1, "an" => 1).freeze
      PHRASES = [[/ and a half (?=h)/, " 1/2 "], [/\bforty[ -]five\b/, "45"], [/\b(?:a )?quarter(?: of)?(?: an?)? hour\b/, "15 min"],
                 [/\b(?:three|3)[ -]quarters? of an hour\b/, "45 min"], [/\bhalf(?: of)?(?: an?)? hour\b/, "30 min"],
                 [/\b(?:and )?a half\b/, "+30 min"], [/\band a quarter\b/, "+15 min"], [/\band three quarters\b/, "+45 min"]].freeze
      PART = %r{(?:(?<whole>\d+)\s+)?(?<over>\d+)/(?<under>\d+)|(?<whole>\d+(?:\.\d+)?)}
      UNITS = { "d" => DAY, "h" => HOUR, "m" => 60 }.freeze
      UNIT = /d(?:ays?)?|h(?:rs?|ours?)?|m(?:ins?|inutes?)?/
      TERM = /\A\s*(?:\+|and\b|,)?\s*(?:#{PART})\s*(?<unit>#{UNIT})?(?![[:alpha:]])\.?/

      extend self

      # text: "1h20", "1:20", "80 min", "1.5", "1 1/2 h", "an hour and a half", "half an hour", "two hours 15".
      # bare: what a number without a unit is: :hours, :minutes, or :auto, where up to LONG are hours and more are
      # minutes ("3" is three hours, "20" twenty minutes: common practice, no source); most: the most that may be, in
      # seconds. Returns Integer seconds (whole minutes, rounded half up). Raises Refusal when it reads as none of these
      # or exceeds the most.
      def parse(text, bare: :auto, most: DAY)
        seconds = read(plain(text), bare) || raise(Refusal.new(:not_a_time_worked, given: text))
        seconds = (seconds / 60).round(half: :up) * 60
        if seconds > most
          raise Refusal.new(most == DAY ? :more_than_a_day : :more_time_than_can_be, seconds: text(seconds),
                                                                                     most: text(most))
        end

        seconds
      end

      WEEK = 168 * HOUR

      # Hours of a week: "9", "9 h", "8h30", "7.5"; here a bare number is hours. Returns Integer seconds. Raises
      # Refusal.
      def parse_week(text)
        plain = text.to_s.strip.downcase.tr(",", ".")
        found = plain.match(/\A(\d+(?:\.\d+)?)\s*(?:h|hrs?|hours?)?\z/) || plain.match(/\A(\d+)\s*(?:h|:)\s*([0-5]?\d)\z/)
        raise Refusal.new(:not_hours_a_week, given: text) unless found

        seconds = ((Rational(found[1]) * HOUR) + (Rational(found[2] || 0) * 60)).round
        raise Refusal.new(:more_than_a_week, seconds: text(seconds)) if seconds > WEEK

        seconds
      end

      # Decimal hours of a spreadsheet. Returns Integer seconds. Raises Refusal.
      def parse_decimal_hours(text, decimal: :point)
        value = Numerals.parse(text, decimal: decimal)
        raise Refusal.new(:hours_negative, given: text) if value.negative?
        raise Refusal.new(:hours_too_large, given: text) if value > 100_000

        (value * HOUR).round(half: :up)
      end

      # "1 h 20", "45 min", "12 h"; rounded to the minute; a difference below 0 with a true minus. nil stays nil.
      def text(seconds)
        return if seconds.nil?
        return "#{Numerals::MINUS}#{text(-seconds)}" if seconds.negative?

        hours, minutes = (((2 * seconds) + 60).floor / 120).divmod(60) # half a minute up
        return "#{minutes} min" if hours.zero?

        minutes.zero? ? "#{hours} h" : format("%<hours>d h %<minutes>02d", hours: hours, minutes: minutes)
      end

      QUARTERS = { 0 => "", 1 => "¼", 2 => "½", 3 => "¾" }.freeze

      # Estimated work: to 5 minutes under an hour, to a quarter of an hour above. "25 min", "1¾ h". nil stays nil.
      def about(seconds)
        return if seconds.nil?
        return "#{Numerals::MINUS}#{about(-seconds)}" if seconds.negative?

        minutes = (seconds / 300.0).round * 5
        return "#{[minutes, seconds.zero? ? 0 : 5].max} min" if minutes < 60

        "#{quarters((seconds / 900.0).round)} h"
      end

      # As #about, rounded up: so much is enough.
      def enough(seconds)
        step = seconds > HOUR - 300 ? 900 : 300
        about((Rational(seconds) / step).ceil * step)
      end

      # Estimated work between two ends: "40–55 min", "1½–2¼ h", from four hours on in whole hours "8–12 h".
      def between(low, high)
        return [about(low), about(high)].uniq.join("–").gsub(/ min(?=–\d+ min)/, "") if high < HOUR

        step = high < 4 * HOUR ? 1 : 4
        ends = [low, high].map { |seconds| [(seconds / (900.0 * step)).round, 1].max * step }
        "#{ends.uniq.map { |number| quarters(number) }.join('–')} h"
      end

      # Decimal hours for programs, two places: "1.33". nil stays nil.
      def decimal(seconds)
        seconds && Numerals.plain(Rational(seconds, HOUR), 2)
      end

      private

      # A number of quarter hours: "1¾", "¾", "8".
      def quarters(number)
        whole, rest = number.divmod(4)
        "#{whole if whole.positive? || rest.zero?}#{QUARTERS.fetch(rest)}"
      end

      # In digits, with points, fractions apart.
      def plain(text)
        said = SAID.reduce(text.to_s.strip.downcase.squeeze(" ")) { |all, (sign, written)| all.gsub(sign, written) }
        said = PHRASES.reduce(said.strip) { |all, (phrase, written)| all.gsub(phrase, written) }
        said.gsub(/(?<=\d),(?=\d)/, ".").gsub(/\b[a-z]+\b/) { |word| NUMBERS.fetch(word, word).to_s }
      end

      # Rational seconds of the terms of a text, nil where it is no time.
      def read(text, bare)
        clock = text.match(/\A(\d+):([0-5]\d)\z/)
        return (clock[1].to_r * HOUR) + (clock[2].to_r * 60) if clock

        sum = 0r
        units = []
        until text.strip.empty?
          found = text.match(TERM) or return
          number = number(found) or return
          unit = found[:unit]&.slice(0) || unsaid(number, units, bare, last: found.post_match.strip.empty?)
          return unless follows?(unit, units, found)

          units << (found[:unit] ? unit : "bare")
          sum += number * UNITS.fetch(unit)
          text = found.post_match
        end
        sum if units.any?
      end

      # Whether a term may follow those before it: smaller units, each once; "+30 min" of a half may come after minutes'
      # hours.
      def follows?(unit, units, found)
        !unit.nil? && !units.intersect?(%w[m bare]) && (!units.include?(unit) || found.to_s.match?(/\A\s*\+/))
      end

      def number(found)
        return if found[:under]&.to_i&.zero?

        found[:whole].to_r + (found[:over] ? Rational(found[:over].to_i, found[:under].to_i) : 0)
      end

      # What a number without a unit is in: after hours minutes, below sixty; alone as the field says.
      def unsaid(number, units, bare, last:)
        return { hours: "h", minutes: "m", auto: number > LONG ? "m" : "h" }.fetch(bare) if units.empty?

        "m" if units == ["h"] && number < 60 && number.denominator == 1 && last
      end
    end
  end
end
