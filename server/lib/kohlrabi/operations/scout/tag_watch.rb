# frozen_string_literal: true

module Operations
  module Scout
    # Tags to look at again, for Today: those due, and those of the week ahead.
    module TagWatch
      AHEAD = 7 # days
      WATCHED = 100 # spotted pieces looked through, latest first

      extend self

      # Array of [Verdicts, Date, why], most overdue first.
      def due
        today = Support::Workshop.today
        watched = self.watched
        histories = Histories.new(watched.map(&:kind))
        watched.filter_map do |prospect|
          scouting = Verdicts.new(prospect, histories: histories)
          on, why = scouting.due
          [scouting, on, why] if on && on <= today + AHEAD
        end.sort_by { |scouting, on, _| [on, scouting.prospect.id] }
      end

      private

      # Only those with a date, a rule or more than one sighting can come due.
      def watched
        scope = Records::Prospect.live.where(state: "open")
        seen = Records::Sighting.live.group(:prospect_id).having("COUNT(*) > 1").select(:prospect_id)
        due = scope.where.not(remind_on: nil).or(scope.where.not(cut_basis: nil)).or(scope.where(id: seen))
        due.order(id: :desc).limit(WATCHED).preload(:sightings).to_a
      end
    end
  end
end
