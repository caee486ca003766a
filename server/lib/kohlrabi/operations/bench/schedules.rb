# frozen_string_literal: true

module Operations
  module Bench
    # What is to be worked on all pieces, and when: the core's schedule, made from plans, working hours and places.
    class Schedules
      AHEAD = 150 # days
      STEP = 5 # minutes: the schedule is made again at most so often while nothing changes
      UNPLANNED = 40 # pieces without a plan that are named
      STAGES = Flips::Lists::IN_WORK

      # The bench as it stands, from memory where nothing has changed.
      def self.now
        minute = Clock.now.to_i / 60 / STEP * STEP
        Support::VersionedCache.once([:bench, minute]) { new(minute) }
      end

      # Pieces in hand that have a look, with all that plans are made from.
      def self.pieces
        pieces = Records::Piece.live.where(id: Records::FlipSummary.where(stage: STAGES).select(:piece_id))
                               .where(id: Records::Look.live.where(chosen: true).select(:piece_id))
        pieces.order(:id).preload(:summary, *Planning::Plans::PARTS).to_a
      end

      # Expected profit, minor units; nil where nothing tells it.
      def self.profit(piece) = Market::Standings.of(piece)&.profit

      attr_reader :minute, :pieces, :plans, :sessions

      # minute: of the epoch.
      def initialize(minute)
        @minute = minute
        @workshop = Support::Workshop.current
        @zone = @workshop.zone
        found = Schedules.pieces.index_by(&:id)
        house = Planning::Plans.house(@workshop)
        @plans = found.transform_values { |piece| plan(piece, house) }.compact
        @pieces = found.slice(*@plans.keys)
        @hours = House::WorkingTimes.hours
        @wet = Records::WetDay.order(:day).to_set(&:day)
        @sessions = dates.flat_map { |date| on(date) }.reject { |session| session.to <= minute }
      end

      # Core::Bench::Schedule as estimated, and grouped.
      def schedule
        @schedule ||= Core::Bench::Grouping.new(run(problem), @sessions, problem.places).schedule(problem.jobs)
      end

      # When all goes well, and when it does not.
      def early = @early ||= run(problem(Core::Planning::Step::LOW))
      def late = @late ||= run(problem(Core::Planning::Step::HIGH))

      # Slots that fit between now and so many minutes from now, for one person, whatever the hours of the day.
      # Remembered here,
      # with the plans they are of: kept apart they outlived a change of the plans that came while Today was put
      # together.
      def within(minutes, person)
        (@within ||= {})[[minutes, person]] ||= begin
          extra = Core::Bench::Session.new(person: person, from: @minute, to: @minute + minutes)
          kept = @sessions.flat_map do |session|
            session.person == person && session.from < extra.to ? after(session, extra.to) : [session]
          end
          run(problem, sessions: [extra, *kept]).sequence.select do |slot|
            slot.person == person && slot.from < extra.to
          end
        end
      end

      # What a promise of one piece does to the others: [piece, days later than without any].
      def gives_way
        return [] unless @pieces.values.any?(&:promised_on)

        without = run(problem, wishes: problem.wishes(promises: false))
        @pieces.values.reject(&:promised_on).filter_map do |piece|
          days = [schedule, without].map { |one| one.ready(piece.id)&.then { |ready| date(ready) } }
          [piece, (days[0] - days[1]).to_i] if days.all? && days[0] > days[1]
        end
      end

      # Pieces in hand without a plan, at most UNPLANNED.
      def unplanned
        in_hand = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: STAGES })
        in_hand.where.not(id: @pieces.keys).order(:ticket).limit(UNPLANNED).to_a
      end

      # Minute before which the last piece cannot be ready.
      def bound = Core::Bench::Bound.new(jobs: problem.jobs, sessions: @sessions, now: @minute).minute

      # Array of Clocks::Drying over all pieces, the first to be free first.
      def clocks
        @pieces.values.flat_map { |piece| Clocks.running(piece) }.sort_by { |clock| [clock.free, clock.piece.id] }
      end

      def step(slot) = @plans.fetch(slot.job.piece).step(key(slot.job))
      def key(job) = job.id.split(":", 2).last
      def moved?(slot) = problem.moved.dig(slot.job.piece, key(slot.job))

      # Date of a minute in the workshop, and its time of day.
      def date(minute) = Time.at(minute * 60).in_time_zone(@zone).to_date
      def clock(minute) = Time.at(minute * 60).in_time_zone(@zone).strftime("%H:%M")

      # Minute of a date, counted from its beginning.
      def at(date, minute = 0) = House::WorkingTimes.instant(date, minute, @zone).to_i / 60

      # Sessions of a date.
      def on(date)
        House::WorkingTimes.on(date, hours: @hours, zone: @zone)
                           .map { |person, from, to| Core::Bench::Session.new(person: person, from: from.to_i / 60, to: to.to_i / 60) }
      end

      def today = date(@minute)
      def dates = today..(today + AHEAD)
      def wet?(date) = @wet.include?(date)

      private

      # nil where no plan can be made of what is recorded: one such piece must not hide the others; its own page says
      # what is wrong.
      def plan(piece, house)
        Planning::Plans.of(piece, workshop: @workshop, house: house)
      rescue Core::Refusal
        nil
      end

      def problem(stretch = 1) = (@problems ||= {})[stretch] ||= ScheduleProblem.new(self, @workshop, stretch)

      def run(problem, sessions: @sessions, wishes: problem.wishes)
        Core::Bench::Scheduler.new(jobs: problem.jobs, sessions: sessions, places: problem.places, wishes: wishes, now: @minute,
                                   running: problem.running, drying: problem.drying).schedule
      end

      # What is left of a session after a minute.
      def after(session, minute)
        session.to > minute ? [Core::Bench::Session.new(person: session.person, from: minute, to: session.to)] : []
      end
    end
  end
end
