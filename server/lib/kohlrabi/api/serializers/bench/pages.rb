# frozen_string_literal: true

module Api
  module Serializers
    module Bench
      # A running timer: what it runs on, and where it may have been forgotten, when the work was probably over.
      class Timer < Support::Base
        attributes :id, :kind, :reference
        attribute(:label) { |timer| Core::Flips::WorkKinds.label(timer.kind) }
        attribute(:started_at) { |timer| timer.started_at.iso8601 }
        attribute(:started_text) do |timer|
          timer.started_at.in_time_zone(params[:formatter].workshop.zone).strftime("%H:%M")
        end
        attribute(:elapsed) { |timer| params[:formatter].effort((Clock.now - timer.started_at).to_i) }
        attribute(:long) { |timer| !Operations::Bench::Timers.proposal(timer).nil? }
        attribute(:steps) do |timer|
          Operations::Bench::Timers.steps(timer).map do |piece, step|
            { piece_id: piece.id, step: step.key, label: step.label, estimate: params[:formatter].effort(step.remaining), units: Planning::StepRow.units(step),
              trial: !step.try.nil? }
          end
        end
        attribute(:takes) { |timer| Operations::Bench::Timers.takes(timer) }
        attribute(:proposal) do |timer|
          stop, why = Operations::Bench::Timers.proposal(timer)
          formatter = params[:formatter]
          stop && { at: stop.in_time_zone(formatter.workshop.zone).strftime("%H:%M"), why: why,
                    effort: formatter.effort(((stop.to_i / 60) - (timer.started_at.to_i / 60)) * 60) } # both by the minute, as they are shown
        end
        one :person, resource: House::Person
        many :pieces, resource: Flips::PieceName
      end

      # The schedule over all pieces: some days with their sessions, steps and waits, and when each piece is ready.
      class SchedulePage < Support::Page
        DAYS = 7
        DAY = 24 * 60

        shows :pieces, :gives_way, :unplanned
        attribute(:from) { @formatter.day(@from) }
        attribute(:earlier) { @formatter.day([@from - @days, @bench.today].max) }
        attribute(:later) { @formatter.day(@from + @days) }
        attribute(:today) { @formatter.day(@bench.today) }
        attribute(:days) { (0...@days).map { |number| day(@from + number) } }
        attribute(:assumed) do
          assumed = Operations::House::WorkingTimes.method(:assumed?)
          Operations::Support::Workshop.people.select(&assumed).map(&:name)
        end

        # from: Date of the first day; formatter: Formatter.
        def initialize(from, formatter, days: DAYS)
          super(from, formatter)
          @bench = Operations::Bench::Schedules.now
          @from = from
          @days = days
          @words = BenchWords.new(@bench, formatter)
        end

        # A day with what is worked and what dries on it.
        def day(date)
          from = @bench.at(date)
          to = @bench.at(date + 1)
          sessions = @bench.on(date).map { |session| session(session, from) }
          steps = @bench.schedule.between(from, to).map do |slot, start, stop|
            @words.row(slot, from: start, to: stop).merge(span(start, stop, from))
          end
          { day: @formatter.day(date), weekday: Operations::House::WorkingTimes::DAYS[date.wday], wet: @bench.wet?(date), sessions: sessions,
            steps: steps,
            waits: waits(from, to) }
        end

        private

        def gives_way
          @bench.gives_way.map do |piece, days|
            "#{piece.name} is ready #{days} #{days == 1 ? 'day' : 'days'} later because of other promises."
          end
        end

        def session(session, midnight)
          name = Operations::Support::Workshop.people.find { |person| person.id == session.person }.name
          { person: name, person_id: session.person, from: @bench.clock(session.from), to: @bench.clock(session.to),
            time: @formatter.effort((session.to - session.from) * 60), **span(session.from, session.to, midnight) }
        end

        # Minutes of the day, to be drawn.
        def span(from, to, midnight) = { start: [from - midnight, 0].max, stop: [to - midnight, DAY].min }

        # What dries in a day.
        def waits(from, to)
          shown = all_waits.select { |_, _, start, stop| start < to && stop > from }
          shown.map do |piece, label, start, stop|
            { piece: @bench.pieces.fetch(piece).name, label: label, until: @words.moment(stop), **span(start, stop, from) }
          end
        end

        # [piece id, label, first minute, last minute] of what dries and of what will.
        def all_waits
          @all_waits ||= begin
            running = @bench.clocks.map { |clock| [clock.piece.id, clock.label, clock.done.to_i / 60, clock.free.to_i / 60] }
            slots = @bench.schedule.sequence.select { |slot| slot.job.wait.positive? }
            running + slots.map { |slot| [slot.job.piece, @bench.step(slot).label, slot.to, slot.free] }
          end
        end

        def pieces
          pieces = @bench.pieces.values_at(*@bench.schedule.pieces)
          standings = Operations::Market::Standings.of_all(pieces)
          pieces.map { |piece| piece(piece, standings[piece.id]) }
        end

        def piece(piece, standing)
          ready = @bench.schedule.ready(piece.id)
          early, late = [@bench.early, @bench.late].map do |schedule|
            schedule.ready(piece.id)&.then { |minute| @formatter.day(@bench.date(minute)) }
          end
          days = ready && piece.promised_on && (@bench.date(ready) - piece.promised_on).to_i
          { piece: BenchWords.link(piece), remaining: @formatter.effort(@bench.plans.fetch(piece.id).remaining), why: @words.rank(piece),
            ready: { on: ready && @formatter.day(@bench.date(ready)), early: early, late: late, why: @bench.schedule.why_not(piece.id) },
            standing: Market::Standing.present(standing, @formatter),
            promised: @formatter.day(piece.promised_on), late_days: days&.positive? ? days : nil }
        end

        # Pieces in hand without a look: nothing is known of their work.
        def unplanned = @bench.unplanned.map { |piece| BenchWords.link(piece) }
      end

      # Today, as the contract says it.
      class TodayPage < Support::Page
        WEEK = 7
        STAGES = { next: "next step" }.merge(Core::Bench::Drying::STAGES).transform_keys(&:to_s).freeze

        shows :now, :week, :summary, :stages
        attribute(:fresh) { @answer.fresh }
        attribute(:date) { @formatter.day(@answer.date) }
        attribute(:timers) { Bench::Timer.present(@answer.timers, @formatter) }
        attribute(:worked) { @formatter.effort(@answer.worked) }
        attribute(:tags) do
          @answer.tags.map { |scouting, on, why| Scout::VerdictWords.due(scouting, on, why, @formatter, @answer.date) }
        end
        attribute(:entries) { Flips::Work.present(@answer.done, @formatter) }
        attribute(:drying) { @answer.drying.map { |clock| clock(clock) } }
        attribute(:market) do
          Operations::Market::ListedPieces.wants.map { |piece, text| { piece: BenchWords.link(piece), text: text } }
        end
        attribute(:past) do
          @bench.plans.flat_map do |id, plan|
            plan.past.map do |step|
              past(@bench.pieces.fetch(id), plan, step)
            end
          end
        end
        attribute(:gear) { Operations::Bench::ToBuy.warnings(@bench) }
        attribute(:questions) do
          Operations::Flips::Questions.open.map { |question| QuestionWords.of(question, @formatter) }
        end
        attribute(:climate) { @answer.climate && ClimateWords.reading(@answer.climate, @formatter) }

        # answer: Bench::Today::Answer; formatter: Formatter.
        def initialize(answer, formatter)
          super
          @answer = answer
          @bench = answer.bench
          @words = BenchWords.new(@bench, formatter)
        end

        private

        def stages
          rows = Flips::PieceRows.present(@answer.stages.flat_map { |_, own, _| own }, @formatter, photos: false)
          @answer.stages.map { |stage, own, total| { stage: stage, total: total, rows: rows.shift(own.size) } }
        end

        def summary
          day = @answer.summary or return
          { worked: @formatter.effort(day.worked), estimated: @formatter.effort(day.estimated), steps: day.steps,
            pieces: day.pieces }
        end

        def now
          slots = @answer.now.slots
          { minutes: @answer.now.minutes, person_id: @answer.now.person, lit: slots.first && lit(slots.first),
            stopped: @answer.now.stopped.map { |piece| BenchWords.link(piece) },
            rows: slots.map { |slot| @words.row(slot, to: slot.chunks.first.last) } }
        end

        # The piece of the step that comes first, and where on it that is worked.
        def lit(slot)
          view = Operations::Planning::Drawing.view(@bench.pieces.fetch(slot.job.piece))
          { drawing: @formatter.drawing(view), zones: @bench.step(slot).zones }
        end

        # An open step that took well past its estimate.
        def past(piece, plan, step)
          { piece: BenchWords.link(piece), step: step.key, label: step.label, planned: @formatter.effort(step.seconds),
            worked: @formatter.effort(plan.brief.recorded.on_steps.fetch(step.key)) }
        end

        def clock(clock)
          stages = clock.stages.map do |stage, at|
            { stage: STAGES.fetch(stage), at: @words.moment(at.to_i / 60), over: at <= Clock.now }
          end
          { piece: BenchWords.link(clock.piece), step: clock.step, label: clock.label, product: clock.product, stages: stages,
            free: @words.moment(clock.free.to_i / 60), over: clock.free <= Clock.now,
            free_in: [(clock.free - Clock.now).ceil, 0].max, left: left(clock), why: clock.why }
        end

        # The share of its wait that is still to come, 0 to 1.
        def left(clock)
          whole = clock.free - clock.done
          whole.positive? ? ((clock.free - Clock.now) / whole).clamp(0, 1).round(3) : 0
        end

        def week
          ends = @bench.pieces.values.group_by do |piece|
            @bench.schedule.ready(piece.id)&.then do |minute|
              @bench.date(minute)
            end
          end
          (0...WEEK).map { |number| day(@answer.date + number, ends) }
        end

        def day(date, ends)
          parts = @bench.schedule.between(@bench.at(date), @bench.at(date + 1))
          hours = @bench.on(date).sum { |session| session.to - session.from }
          booked = parts.sum { |_, from, to| to - from }
          names = parts.map { |slot, _, _| @bench.pieces.fetch(slot.job.piece).name }
          { day: @formatter.day(date), weekday: Operations::House::WorkingTimes::DAYS[date.wday],
            wet: @bench.wet?(date), hours: @formatter.effort(hours * 60),
            booked: @formatter.effort(booked * 60), steps: parts.size, pieces: names.uniq,
            ends: ends.fetch(date, []).map(&:name) }
        end
      end
    end
  end
end
