# frozen_string_literal: true

module Operations
  module Market
    # What a day on the market costs: a small share of the value at the least, and where places or hours are short
    # what a place earns meanwhile.
    module DayWorth
      COUNTED = 10 # own sales that what this piece is expected to earn counts like
      MONTH = 6 * 7 # days on the market that are reckoned with before there is a record
      MOST = 15/1000r # of its value: what is worth little takes little room
      BENCH = 25 # days that a piece takes a place before it is listed (common practice, weak)
      # minor: a day, Float; why: sentence.
      Answer = Struct.new(:minor, :why, keyword_init: true)

      extend self

      # value: Core::Market::Model::Value; cost: minor units in it and still to come, or nil.
      def of(value, cost: nil)
        share = Rational(Support::Workshop.current.day_hundredths, 10_000)
        least = value.middle * share
        percent = Support::Percent.text(Support::Workshop.current.day_hundredths)
        why = "#{percent}% of its value, the minimum in House rules"
        reason = short or return Answer.new(minor: least, why: why)
        earned = [earned(value, cost), value.middle * MOST].min
        if earned > least
          Answer.new(minor: earned,
                     why: "what each of your spaces earns a day, because #{reason}")
        else
          Answer.new(
            minor: least, why: why
          )
        end
      end

      # Why room or time is short; nil where it is not, or not known.
      def short
        Support::VersionedCache.once([:short_of_room, Support::Workshop.today]) do
          workshop = Support::Workshop.current
          held, to_come = Record.of(Support::Workshop.today)[:held].first.map(&:to_i)
          if workshop.places.to_i.positive? && held >= workshop.places then "all #{workshop.places} spaces are full"
          elsif workshop.weekly_seconds.to_i.positive? && to_come > workshop.weekly_seconds * 6
            "more than 6 weeks of work are booked"
          end
        end
      end

      private

      # Own record, and this piece's own expectation counted as some sales of it.
      def earned(value, cost)
        expected = [(value.middle * Values.got) - (cost || (value.middle / 3)), 0].max / (MONTH + BENCH)
        count, profit, days = TimeToSell.place_record
        return expected unless count.positive? && days.positive?

        own = [profit.to_f / days, 0].max
        ((own * count) + (expected * COUNTED)) / (count + COUNTED)
      end
    end
  end
end
