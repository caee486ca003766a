# frozen_string_literal: true

module Core
  module Market
    module Model
      # What it is worth to wait for another buyer, from the path a piece has stood. worth: the price at which
      # taking and waiting are the same, minor units, from 0 to the asking price; money, days: what waiting brings
      # on average and how long it takes; day: what a day of it costs; most: what buyers go up to at the most.
      Waiting = Struct.new(:worth, :money, :days, :day, :most, keyword_init: true) do
        # position: Position as it stands today; asking: minor units; prices: Ladder of what may still be asked.
        def self.of(position, asking, prices)
          allowed = prices.select { |price| price <= asking }
          allowed = [asking] if allowed.empty?
          course = Programme.new(position, allowed).best_course
          worth = position.net.price([course.worth, 0.0].max).clamp(0, asking)
          new(worth: worth.floor, money: course.money.round, days: course.days.round, day: position.day.round,
              most: [position.value.high.round, worth.ceil].max).freeze
        end
      end
    end
  end
end
