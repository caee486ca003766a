# frozen_string_literal: true

module Operations
  module Bench
    # What the scheduler is asked, from the records: jobs, places, wishes, what runs and what dries.
    class ScheduleProblem
      # bench: Bench; stretch: Rational on the estimates.
      def initialize(bench, workshop, stretch)
        @bench = bench
        @workshop = workshop
        @stretch = stretch
      end

      # Array of Core::Bench::Job.
      def jobs
        @jobs ||= @bench.plans.flat_map do |id, plan|
          state = Core::Bench::Jobs::Bench.new(at: @bench.method(:at), done: Clocks.done(@bench.pieces.fetch(id)), moved: moved.fetch(id, {}),
                                               tent: @workshop.spray_tent)
          Core::Bench::Jobs.new(plan, piece: id, bench: state, stretch: @stretch).all
        end
      end

      # {piece id => {step key => minute}}: what was moved to a day begins no earlier than its first session.
      def moved
        @moved ||= Records::SessionMove.live.order(:id).group_by(&:piece_id).slice(*@bench.pieces.keys).transform_values do |rows|
          rows.to_h { |row| [row.step, [@bench.on(row.day).map(&:from).min || @bench.at(row.day), @bench.minute].max] }
        end
      end

      # {name => Core::Bench::Place}.
      def places
        place = Core::Bench::Place
        @places ||= { "bench" => place.new(capacity: @workshop.drying_places), "tent" => place.new(capacity: 1),
                      "outdoors" => place.new(windows: daylight) }
      end

      # Array of Core::Bench::PieceWish.
      def wishes(promises: true)
        @bench.pieces.values.map do |piece|
          promised = @bench.at(piece.promised_on + 1) if promises && piece.promised_on
          Core::Bench::PieceWish.new(id: piece.id, promised: promised, profit: Schedules.profit(piece))
        end
      end

      # Steps that a timer runs on: [Job, person, from, to].
      def running
        by_id = jobs.index_by(&:id)
        Timers.running.flat_map do |timer|
          started = timer.started_at.to_i / 60
          rows = timer.timer_pieces.select(&:step).filter_map { |row| by_id[Core::Bench::Jobs.id(row.piece_id, row.step)] }
          rows.map { |job| [job, timer.person_id, started, [started + job.minutes, @bench.minute + Schedules::STEP].max] }
        end
      end

      # What still dries keeps its place: [place, piece, until].
      def drying = @bench.clocks.map { |clock| ["bench", clock.piece.id, clock.free.to_i / 60] }

      private

      # Dry days' hours of light.
      def daylight
        @bench.dates.reject do |date|
          @bench.wet?(date)
        end.map { |date| [@bench.at(date, @workshop.light_from), @bench.at(date, @workshop.light_to)] }
      end
    end
  end
end
