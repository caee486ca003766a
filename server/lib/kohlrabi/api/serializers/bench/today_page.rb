# frozen_string_literal: true

module Api
  module Serializers
    module Bench
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
        attribute(:gear) { Operations::Shelf::Shopping.warnings(@bench) }
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
          { drawing: @formatter.drawing(@bench.pieces.fetch(slot.job.piece)), zones: @bench.step(slot).zones }
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
