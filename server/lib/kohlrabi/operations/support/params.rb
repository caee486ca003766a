# frozen_string_literal: true

module Operations
  module Support
    # Reads what a person sent, field by field, through the core's rules of reading, and gathers all that is wrong
    # before refusing. Only fields that were sent are read, so that a PATCH changes nothing else.
    class Params
      LABELS = { bought_on: "Bought on", on: "Date", spent_on: "Date", worked_on: "Date",
                 purchase: "Price paid" }.freeze

      attr_reader :values, :workshop

      # given: Hash with string keys; workshop: Records::Workshop.
      def initialize(given, workshop)
        @given = given
        @workshop = workshop
        @values = {}
        @refusals = []
      end

      # Each reader stores under `into` and returns the value, nil for an empty or absent field.
      def text(field, into: field, max: 200, required: false)
        read(field, into, required: required) do |raw|
          raise Core::Refusal.new(:too_long, max: max) if raw.size > max

          raw
        end
      end

      def money(field, into: :"#{field}_minor", required: false)
        read(field, into, required: required) { |raw| Core::Units::MoneyText.parse(raw, currency: @workshop.money) }
      end

      def length(field, into: :"#{field}_mm")
        read(field, into) { |raw| Core::Units::Length.parse(raw, unit: @workshop.length_unit) }
      end

      # bare, most: as Core::Units::Effort has them.
      def effort(field, into: :seconds, required: false, **how)
        read(field, into, required: required) { |raw| Core::Units::Effort.parse(raw, **how) }
      end

      # A date that is not after today.
      def date(field, into: field, what: nil, required: false)
        read(field, into, required: required) do |raw|
          date = Core::Units::Calendar.parse(raw)
          Core::Units::Calendar.past!(date, today: @workshop.date_of(Clock.now),
                                            what: what || LABELS.fetch(field, field.to_s))
        end
      end

      # A date that may lie ahead.
      def day(field, into: field)
        read(field, into) { |raw| Core::Units::Calendar.parse(raw) }
      end

      # A percentage from 0 to most, kept in hundredths.
      def percent(field, into: :"#{field}_hundredths", most: 100)
        read(field, into) { |raw| Percent.parse(raw, most: most) }
      end

      # A whole number within a range.
      def count(field, range, into: field, required: false)
        read(field, into, required: required) do |raw|
          next raw.to_i if raw.match?(/\A\d{1,9}\z/) && range.cover?(raw.to_i)

          raise Core::Refusal.new(:not_in_range, given: raw, min: range.min, max: range.max)
        end
      end

      # Any other rule of reading: the block takes the text and returns the value or raises Core::Refusal.
      def with(field, into: field, required: false, &rule)
        read(field, into, required: required, &rule)
      end

      # A value of a fixed list.
      def choice(field, among, into: field, required: false)
        read(field, into, required: required) do |raw|
          next raw if among.include?(raw)

          raise Core::Refusal.new(:not_one_of_these, given: raw, choices: among.join(", "))
        end
      end

      def sent?(field) = @given.key?(field.to_s)

      # Returns the values read. Raises Refused with everything that was wrong.
      def done!
        raise Refused, @refusals if @refusals.any?

        values
      end

      private

      def read(field, into, required: false)
        return if !required && !sent?(field)

        raw = @given[field.to_s].to_s.strip
        values[into] = raw.empty? ? nil : yield(raw)
        raise Core::Refusal.new(:is_empty) if required && values[into].nil?

        values[into]
      rescue Core::Refusal => e
        @refusals << e.at(field)
        nil
      end
    end
  end
end
