# frozen_string_literal: true

module Core
  module Flips
    # What a month's rent of a place costs each piece that stood there: rent × its days ÷ all pieces' days (arrival
    # day in, leaving day out, at least 1). Shares add up to the rent; a month in which nothing stood is nobody's.
    class RentShares
      # from: Date of arrival; to: Date of leaving, nil while it stands.
      Tenancy = Struct.new(:id, :from, :to, keyword_init: true)

      # stays: Array of Tenancy at one place; rents: Array of [Date from which it holds, minor units a month], by date;
      # ended: Date on which the place was given up, or nil; today: Date, to which what still stands is counted.
      def initialize(stays, rents:, today:, ended: nil)
        @stays = stays
        @rents = rents
        @ended = ended
        @today = today
      end

      # The rent of the month that begins on a day: the one that holds on that day, else the first that begins in the
      # month; none for months after the one in which the place was given up.
      def rent(first)
        return 0 if @ended && first > @ended

        held = @rents.reverse.find { |from, _| from <= first } || @rents.find { |from, _| from < first.next_month }
        held ? held.last : 0
      end

      # Minor units of one stay over its months, the running one as it stands so far.
      def of(id)
        stay = @stays.find { |one| one.id == id } or return 0
        months(stay).sum { |first| month(first).fetch(id, 0) }
      end

      # {id => minor units} of the month that begins on a day.
      def month(first)
        (@months ||= {})[first] ||= begin
          days = @stays.to_h { |stay| [stay.id, days(stay, first)] }.select { |_, number| number.positive? }
          days.empty? ? {} : days.keys.zip(Shares.split(rent(first), days.values)).to_h
        end
      end

      private

      def months(stay)
        first = Date.new(stay.from.year, stay.from.month, 1)
        last = left(stay)
        found = []
        while first <= last
          found << first
          first = first.next_month
        end
        found
      end

      # The last day on which it was there; one that left on the day it came stood for that day.
      def left(stay) = [stay.to ? stay.to - 1 : @today, stay.from].max

      def days(stay, first)
        from = [stay.from, first].max
        to = [left(stay), first.next_month - 1].min
        [(to - from).to_i + 1, 0].max
      end
    end
  end
end
