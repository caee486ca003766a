# frozen_string_literal: true

module Core
  module Market
    module Model
      # A listing as the path it took: for how long at which price, in which month, and whether it sold in the end.
      # kind: key; base: ln of its usual value; features: {parameter => how much of it}; stretches: Array of
      # Stretch; sold: at the end of the last; weight: 0..1, how far it has faded; seen: Array of PriceObservation, looked up
      # for this piece.
      ListingPath = Struct.new(:kind, :base, :features, :stretches, :sold, :weight, :seen, keyword_init: true)

      # How a stay is put together.
      class ListingPath
        # log: ln of the price asked, minor units; days; month: 1..12.
        Stretch = Struct.new(:log, :days, :month)
        TAKEN_LOW = 0.9 # of what is usually got: taken under it, the listing counts as cut to that price on its last day
        # The month as two waves of a year.
        WAVES = (0..12).map do |month|
          [(month - 0.5) * Math::PI / 6].flat_map do |angle|
            [Math.cos(angle), Math.sin(angle)]
          end
        end.freeze

        class << self
          # asks: Array of [Date, minor units], by date, the first on the day it was listed; to: Date, the last day;
          # got: minor units where sold; usual: share of the asked price that is usually got. Returns Array of
          # Stretch; a listing of less than a day counts as half of one.
          def path(asks, to:, got: nil, usual: 0.93)
            known = asks.select { |_, minor| minor.positive? }
            return [] if known.empty? || to < known.first.first

            stretches = known.each_with_index.flat_map do |(from, minor), index|
              months(from, [known[index + 1]&.first || to, to].min, Math.log(minor))
            end
            stretches = [Stretch.new(Math.log(known.last.last), 0.5, to.month)] if stretches.empty?
            got && got < TAKEN_LOW * usual * known.last.last ? cut(stretches, got / usual) : stretches
          end

          private

          def months(from, to, log)
            parts = []
            while from < to
              last = [Date.new(from.year, from.month, -1) + 1, to].min
              parts << Stretch.new(log, (last - from).to_f, from.month)
              from = last
            end
            parts
          end

          def cut(stretches, price)
            return stretches unless price.positive?

            *before, last = stretches
            day = [last.days, 1.0].min
            rest = Stretch.new(last.log, last.days - day, last.month)
            [*before, *([rest] if rest.days.positive?), Stretch.new(Math.log(price), day, last.month)]
          end
        end
      end
    end
  end
end
