# frozen_string_literal: true

module Core
  module Bench
    # When people work: a week of hours, and dates that differ from it.
    class Hours
      EVENING = 18 * 60 # an evening's beginning (assumed where the workshop has not said)
      MORNING = 10 * 60 # a Saturday's
      MAX_SATURDAY = 6 * 60
      USUAL_WEEK = 630 * 60 # seconds (assumed)
      SATURDAY = 6
      EVENINGS = [2, 4].freeze # Tuesday, Thursday

      # Row: weekday 0 (Sunday) to 6, or a date; from, to: minutes of the day, both nil where nobody works.
      Row = Struct.new(:person, :weekday, :date, :from, :to, keyword_init: true)

      # What is assumed of a person who has given no hours: half of the week's hours on Saturday, at most six, the rest
      # on two evenings.
      def self.usual(person, weekly_seconds)
        week = ((weekly_seconds || USUAL_WEEK) / 60).to_i
        saturday = [week / 2, MAX_SATURDAY].min
        evening = [(week - saturday) / EVENINGS.size, 5 * 60].min
        rows = [[SATURDAY, MORNING, saturday], *EVENINGS.map { |day| [day, EVENING, evening] }]
        rows.filter_map do |day, from, long|
          Row.new(person: person, weekday: day, from: from, to: from + long) if long.positive?
        end
      end

      # rows: Array of Row of all people.
      def initialize(rows)
        @weekly = rows.select(&:weekday).group_by(&:weekday)
        @dated = rows.select(&:date).group_by(&:date)
      end

      # [person, from, to] of a date, minutes of the day, sorted. A date of its own replaces the weekday's hours of that
      # person.
      def on(date)
        own = @dated.fetch(date, [])
        usual = @weekly.fetch(date.wday, []).reject { |row| own.any? { |other| other.person == row.person } }
        (own.select(&:from) + usual).map do |row|
          [row.person, row.from, row.to]
        end.sort_by { |person, from, _| [from, person] }
      end

      # Refuses hours that cannot be. Returns the minutes.
      def self.read(from, to)
        raise Refusal.new(:ends_before_it_begins, field: :to) if from && to && to <= from
        raise Refusal.new(:one_time_missing, field: from ? :to : :from) if from.nil? ^ to.nil?

        [from, to]
      end

      # "18:30" of minutes of the day.
      def self.text(minute) = format("%02d:%02d", *minute.divmod(60))

      # Minutes of the day of "18:30", "18.30" or "18". Raises Refusal.
      def self.clock(text)
        match = text.to_s.strip.match(/\A(\d{1,2})(?:[:.](\d{2}))?\z/)
        hour, minute = match && [match[1].to_i, match[2].to_i]
        return (hour * 60) + minute if match && minute < 60 && ((hour * 60) + minute) <= 24 * 60

        raise Refusal.new(:not_a_time_of_day, given: text)
      end
    end
  end
end
