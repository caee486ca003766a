# frozen_string_literal: true

module Kohlrabi
  module Core
    module Units
      # Hours of work. Kept in whole seconds, so that an imported 3.33 h stays exactly 3.33 h; what people and
      # timers give is in whole minutes.
      module Effort
        HOUR = 3600
        DAY = 24 * HOUR
        FORMS = {
          /\A(\d+)\z/ => ->(m) { Rational(m[1]) * 60 },
          /\A(\d+):([0-5]\d)\z/ => ->(m) { (Rational(m[1]) * HOUR) + (Rational(m[2]) * 60) },
          /\A(\d+(?:\.\d+)?)\s*(?:m|min|mins|minutes?)\z/ => ->(m) { Rational(m[1]) * 60 },
          /\A(\d+(?:\.\d+)?)\s*(?:h|hrs?|hours?)\z/ => ->(m) { Rational(m[1]) * HOUR },
          /\A(\d+)\s*(?:h|hrs?|hours?)\s*([0-5]?\d)\s*(?:m|min|mins|minutes?)?\z/ =>
            ->(m) { (Rational(m[1]) * HOUR) + (Rational(m[2]) * 60) }
        }.freeze

        module_function

        # text: "1h20", "1:20", "80 min", "1.5 h", or a bare number, which is minutes, or hours where the field says so. Returns Integer seconds
        # (whole minutes, rounded half up). Raises Refusal when it reads as none of these or exceeds a day.
        def parse(text, bare: :minutes)
          plain = text.to_s.strip.downcase.tr(",", ".")
          plain += "h" if bare == :hours && plain.match?(/\A\d+(\.\d+)?\z/)
          FORMS.each do |form, reading|
            found = form.match(plain) or next
            seconds = (reading.call(found) / 60).round(half: :up) * 60
            raise Refusal.new(:more_than_a_day, seconds: text(seconds)) if seconds > DAY

            return seconds
          end
          raise Refusal.new(:not_a_time_worked, given: text)
        end

        WEEK = 168 * HOUR

        # Hours of a week: "9", "9 h", "8h30", "7.5"; here a bare number is hours. Returns Integer seconds. Raises Refusal.
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

        # "1 h 20", "45 min", "12 h"; rounded to the minute. nil stays nil.
        def text(seconds)
          return if seconds.nil?

          hours, minutes = (((2 * seconds) + 60).floor / 120).divmod(60) # half a minute up
          return "#{minutes} min" if hours.zero?

          minutes.zero? ? "#{hours} h" : format("%<hours>d h %<minutes>02d", hours: hours, minutes: minutes)
        end

        # Decimal hours for programs, two places: "1.33". nil stays nil.
        def decimal(seconds)
          seconds && Numerals.plain(Rational(seconds, HOUR), 2)
        end
      end
    end
  end
end
