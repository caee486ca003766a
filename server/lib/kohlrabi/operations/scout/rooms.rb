# frozen_string_literal: true

module Operations
  module Scout
    # Room on the floor and hours left this month.
    module Rooms
      extend self

      # Core::Scout::Room as of today.
      def answer(histories = Histories.new)
        workshop = Support::Workshop.current
        Core::Scout::Room.new(places: workshop.places, weekly: workshop.weekly_seconds, held: held, market_days: own_days(histories),
                              today: Support::Workshop.today)
      end

      private

      def held
        rows = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: Flips::Lists::IN_HAND })
                             .pluck("flip_summaries.stage", :seconds_to_come, "flip_summaries.listed_on")
        rows.map { |stage, seconds, listed| Core::Scout::Room::Held.new(stage: stage, seconds_to_come: seconds, listed_on: listed) }
      end

      # Median days on the market of own sales, where there are enough of them.
      def own_days(histories)
        days = histories.market_days
        Core::Statistics::Quantiles.at(days, 1/2r) if days.size >= Core::Scout::Estimate::ENOUGH
      end
    end
  end
end
