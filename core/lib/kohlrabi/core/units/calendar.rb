# frozen_string_literal: true

module Core
  module Units
    # Local calendar dates: read from text, shown in words, counted in days.
    module Calendar
      ORDERS = { iso: %i[year month day], dmy: %i[day month year], mdy: %i[month day year] }.freeze
      EARLIEST = Date.new(1900, 1, 1)

      extend self

      # text: "2026-05-03", or with order :dmy "3.5.2026" / "03/05/26", with :mdy "5/3/2026". Returns Date.
      # Raises Refusal: not a date, or a day that does not exist (31 February).
      def parse(text, order: :iso)
        found = text.to_s.strip.match(order == :iso ? /\A(\d{4})-(\d{1,2})-(\d{1,2})\z/ : %r{\A(\d{1,2})[./-](\d{1,2})[./-](\d{4}|\d{2})\z})
        raise Refusal.new(:not_a_date, given: text) unless found

        parts = ORDERS.fetch(order).zip(found.captures.map(&:to_i)).to_h
        parts[:year] += 2000 if parts[:year] < 100
        existing(parts, text)
      end

      # "3 May 2026"; nil stays nil.
      def text(date)
        date&.strftime("%-d %b %Y")
      end

      # "3 May"; with its year where that is not the year of today.
      def short(date, today:)
        date&.strftime(date.year == today.year ? "%-d %b" : "%-d %b %Y")
      end

      MONTH_FIRST = %w[US].freeze # countries that write the month before the day (common practice, no source)

      # As it is read on a screen, with its year only where that is not this year's. country: two letters or nil.
      # "Tue 30 Jun", "30 Jun 2025"; in the US "Tue, Jun 30", "Jun 30, 2025". nil stays nil.
      def near(date, today:, country: nil)
        month_first = MONTH_FIRST.include?(country)
        return date&.strftime(month_first ? "%b %-d, %Y" : "%-d %b %Y") unless date&.year == today.year

        date.strftime(month_first ? "%a, %b %-d" : "%a %-d %b")
      end

      # How long something may take, no more exact than it is known: "5 days", "8 weeks", "7 months".
      def about(days)
        count, word = if days < 21 then [days.round, "day"]
                      else days < 182 ? [(days / 7.0).round, "week"] : [(days / 30.44).round, "month"]
                      end
        "#{count} #{word}#{'s' unless count == 1}"
      end

      # Refuses a date after today. Returns the date.
      def past!(date, today:, what:)
        return date if date.nil? || date <= today

        raise Refusal.new(:after_today, what: what, date: text(date), today: text(today))
      end

      private

      def existing(parts, text)
        date = Date.new(*parts.values_at(:year, :month, :day))
        raise Refusal.new(:too_long_ago, given: text) if date < EARLIEST

        date
      rescue Date::Error
        raise Refusal.new(:not_in_the_calendar, given: text)
      end
    end
  end
end
