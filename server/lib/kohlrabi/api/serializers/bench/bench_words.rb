# frozen_string_literal: true

module Api
  module Serializers
    module Bench
      # What the schedule says of its slots, in words.
      class BenchWords
        # A piece by its name.
        def self.link(piece) = { id: piece.id, name: piece.name, ticket: piece.ticket_text }

        # bench: Bench::Schedules; formatter: Formatter.
        def initialize(bench, formatter)
          @bench = bench
          @formatter = formatter
          @people = Operations::House::WorkshopSettings.people.to_h { |person| [person.id, person.name] }
        end

        # A slot as the contract's ScheduledStep; from, to: the part of it that is meant.
        def row(slot, from: slot.from, to: slot.to)
          step = @bench.step(slot)
          { id: slot.job.id, piece: BenchWords.link(piece(slot)), **what(slot, step), **span(slot, from, to),
            place: Planning::StepRow::PLACES.fetch(slot.job.place),
            wait: step.wait.zero? ? nil : @formatter.wait(step.wait), free: moment(slot.free),
            materials: materials(slot, step), moved: !@bench.moved?(slot).nil?, running: slot.because == :running, why: why(slot) }
        end

        # Why it stands where it stands, in sentences.
        def why(slot) = [held(slot), later(slot), rank(piece(slot))].compact

        # {piece id => its next step}: label, hands-on time and when.
        def nexts
          @bench.schedule.sequence.group_by { |slot| slot.job.piece }.transform_values do |slots|
            step = @bench.step(slots.first)
            { step: step.key, label: step.label, time: @formatter.effort(slots.first.job.minutes * 60),
              at: moment(slots.first.from) }
          end
        end

        # "16:10" today, else with its day.
        def moment(minute)
          date = @bench.date(minute)
          date == @bench.today ? @bench.clock(minute) : "#{date.strftime('%a')} #{date.day} #{date.strftime('%b')}, #{@bench.clock(minute)}"
        end

        # What a piece's turn is by.
        def rank(piece)
          return "Promised for #{Core::Units::Calendar.text(piece.promised_on)}." if piece.promised_on

          profit = Operations::Bench::Schedules.profit(piece)
          return "No expected resale yet, so its turn comes after those that have one." unless profit

          left = Core::Units::Effort.text(@bench.plans[piece.id].remaining)
          "#{piece.name}: #{@formatter.money(profit)[:text]} #{@formatter.workshop.currency} of expected profit for #{left} of work left."
        end

        private

        def piece(slot) = @bench.pieces.fetch(slot.job.piece)

        def what(slot, step)
          repeats = Core::Planning::Repeats
          zones = step.zones.map { |key| repeats.base(key) }.uniq
          where = Core::Planning::ZoneWords.list(zones, repeats.single(@bench.plans.fetch(slot.job.piece).brief.zones))
          { step: step.key, label: step.label, kind: step.kind, state: step.state, where: where }
        end

        def span(slot, from, to)
          { person: @people.fetch(slot.person), person_id: slot.person, from: @bench.clock(from), to: @bench.clock(to),
            time: @formatter.effort((to - from) * 60), whole: @formatter.effort(slot.job.minutes * 60), in_parts: slot.chunks.size > 1 }
        end

        def materials(slot, step)
          products = @bench.plans.fetch(slot.job.piece).brief.products
          step.materials_left.map do |key, amount|
            products.fetch(key).then do |row|
              "#{@formatter.amount(amount, row)} #{row[:label]}"
            end
          end
        end

        def held(slot)
          case slot.because
          when :running then "A timer runs on it."
          when :moved then "You moved it to this day."
          when :expected then "Not before #{moment(slot.earliest)}: what it needs is expected or still dries then."
          when :now then nil
          else "After “#{label(slot)}”, which is free at #{moment(slot.earliest)}."
          end
        end

        def label(slot) = @bench.plans.fetch(slot.job.piece).step(slot.because.split(":", 2).last).label

        def later(slot)
          return if slot.from <= slot.earliest || slot.because == :running
          return "Outdoors: in daylight on a dry day, within your hours." if slot.job.place == "outdoors"

          "It could begin at #{moment(slot.earliest)}, but then nobody is working, hands are on other work, or its place is full."
        end
      end
    end
  end
end
