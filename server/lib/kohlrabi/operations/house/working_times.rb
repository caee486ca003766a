# frozen_string_literal: true

module Operations
  module House
    # When people work: weekdays, dates that differ, and days on which nothing is worked outdoors.
    module WorkingTimes
      DAYS = %w[Sunday Monday Tuesday Wednesday Thursday Friday Saturday].freeze

      extend Support::Refusing

      extend self

      # Core::Bench::Hours of all people; who has given none works as usual.
      def hours
        rows = Records::WorkingHours.order(:id)
        known = rows.select(&:weekday).map(&:person_id)
        usual = (Support::Workshop.people.map(&:id) - known).flat_map { |id| Core::Bench::Hours.usual(id, share) }
        Core::Bench::Hours.new(rows.map { |row| core(row) } + usual)
      end

      # Whether a person's hours are assumed.
      def assumed?(person) = weekly(person).empty?

      # Hours of a person by weekday, given or assumed: Array of Core::Bench::Hours::Row.
      def rows(person)
        given = weekly(person).sort_by { |row| [row.weekday, row.from_minute] }.map { |row| core(row) }
        given.any? ? given : Core::Bench::Hours.usual(person.id, share)
      end

      # Array of [person id, from, to] as instants of a date.
      def on(date, hours: self.hours, zone: Support::Workshop.current.zone)
        hours.on(date).map { |person, from, to| [person, instant(date, from, zone), instant(date, to, zone)] }
      end

      # A minute of a local date as an instant, 1440 being the midnight after it; times that daylight saving skips move
      # on by it.
      def instant(date, minute, zone)
        return instant(date + 1, 0, zone) if minute == 24 * 60

        zone.local(date.year, date.month, date.day, *minute.divmod(60))
      end

      # given: {"rows": [{"weekday", "from", "to"}]}: all weekdays of a person again; none: as usual.
      def week(person_id, given)
        Records::Base.transaction do
          person = Support::Finder.find(Records::Person, person_id)
          rows = Array(given["rows"]).filter_map { |row| weekday(row) }
          Records::WorkingHours.where(person_id: person.id).where.not(weekday: nil).destroy_all
          rows.each { |row| Records::WorkingHours.create!(person: person, **row) }
          rows.size
        end
      end

      # given: {"day", "from"?, "to"?, "usual"?}: another day for a person; without times nobody works; usual: as on any
      # such weekday.
      def day(person_id, given)
        Records::Base.transaction do
          person = Support::Finder.find(Records::Person, person_id)
          on = Core::Units::Calendar.parse(given["day"].to_s)
          from, to = times(given)
          Records::WorkingHours.where(person_id: person.id, day: on).destroy_all
          Records::WorkingHours.create!(person: person, day: on, from_minute: from, to_minute: to) unless given["usual"]
          on
        end
      rescue Core::Refusal => e
        raise Support::Refused, [e.field ? e : e.at(:day)]
      end

      # given: {"day", "wet"}: rain, or dry after all.
      def weather(given)
        on = Core::Units::Calendar.parse(given["day"].to_s)
        given["wet"] ? Records::WetDay.find_or_create_by!(day: on) : Records::WetDay.where(day: on).destroy_all
        on
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:day)]
      end

      private

      # What a person has given by weekday.
      def weekly(person) = Records::WorkingHours.order(:id).select { |row| row.person_id == person.id && row.weekday }

      # Share of the week's hours that each person is assumed to work, in seconds.
      def share = Support::Workshop.current.weekly_seconds&.then { |all| all / Support::Workshop.people.size }

      def core(row)
        Core::Bench::Hours::Row.new(person: row.person_id, weekday: row.weekday, date: row.day, from: row.from_minute,
                                    to: row.to_minute)
      end

      def weekday(row)
        from, to = times(row, what: DAYS[row["weekday"]])
        { weekday: row["weekday"], from_minute: from, to_minute: to } if from
      end

      def times(row, what: nil)
        from, to = %w[from to].map do |name|
          row[name].to_s.strip.then do |text|
            Core::Bench::Hours.clock(text) unless text.empty?
          end
        end
        Core::Bench::Hours.read(from, to)
      rescue Core::Refusal => e
        raise Support::Refused, [(what ? e.of(what) : e).at(e.field || :from)]
      end
    end
  end
end
