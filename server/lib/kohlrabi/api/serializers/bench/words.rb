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
          @people = Operations::Support::Workshop.people.to_h { |person| [person.id, person.name] }
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
        def rank(piece) = (@ranks ||= {})[piece.id] ||= ranked(piece)

        private

        def ranked(piece)
          return "Promised for #{Core::Units::Calendar.text(piece.promised_on)}." if piece.promised_on

          profit = Operations::Bench::Schedules.profit(piece)
          return "No likely price yet, so it comes after pieces that have one." unless profit

          left = Core::Units::Effort.about(@bench.plans[piece.id].remaining)
          "#{piece.name}: about #{@formatter.amounts.about(profit)} of profit for #{left} of work left."
        end

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
          when :running then "A timer is running on it."
          when :moved then "You moved it to this day."
          when :expected then "Not before #{moment(slot.earliest)}: what it needs isn't there or dry before that."
          when :now then nil
          else "After “#{label(slot)}”, which is free at #{moment(slot.earliest)}."
          end
        end

        def label(slot) = @bench.plans.fetch(slot.job.piece).step(slot.because.split(":", 2).last).label

        def later(slot)
          return if slot.from <= slot.earliest || slot.because == :running
          return "Outdoors, so it's planned in daylight, on a dry day, in your hours." if slot.job.place == "outdoors"

          "It could start at #{moment(slot.earliest)}, but nobody is free then or there's no space for it."
        end
      end

      # A climate, and what it means for a coat now.
      module ClimateWords
        extend self

        # climate: Core::Bench::Climate.
        def of(climate, formatter)
          dew = climate.dew_point
          against = climate.against(unit: formatter.workshop.length_unit)
          { dew_point: dew && formatter.degrees(dew), against: against, may: against.empty? }
        end

        # row: a reading that was kept.
        def reading(row, formatter)
          { air: formatter.degrees(row.air), humidity: "#{Core::Units::Numerals.text(row.humidity.to_r, 0)}%",
            surface: row.surface && formatter.degrees(row.surface), source: row.source,
            taken: row.taken_at.in_time_zone(formatter.workshop.zone).strftime("%H:%M"), **of(Operations::Bench::Climate.of(row), formatter) }
        end
      end

      # An open question in words, with its answers.
      module QuestionWords
        extend self

        # question: Records::Question, with what it is about.
        def of(question, formatter)
          { id: question.id, kind: question.kind, container_id: question.container_id,
            piece: question.piece && { id: question.piece.id, name: question.piece.name },
            answers: [], steps: [], items: [], materials: [], **public_send(question.kind, question, formatter) }
        end

        def hours(question, formatter)
          said = question.said.map { |kind, seconds| "#{Core::Units::Effort.text(seconds)} of #{Core::Flips::WorkKinds.label(kind).downcase}" }
          { text: "You recorded #{said.to_sentence} on #{question.piece.name}. Done with these?",
            steps: Planning::DoneWithRow.steps(Operations::Planning::DoneWith.of(question.piece, question.said),
                                               formatter) }
        end

        def costs(question, formatter)
          rows = Records::Cost.live.where(id: question.said).order(:id).to_a
          last = rows.last
          said = rows.map { |cost| "#{cost.what}, #{formatter.money(cost.amount_minor)[:text]}" }.to_sentence
          open = Operations::Planning::StillToBuy.of(question.piece)
          { text: "#{question.piece.name}: what does this cover? #{said}",
            items: Planning::StillToBuyRow.items(
              last ? Operations::Planning::StillToBuy.likely(open, last.what, last.category) : [], formatter
            ) }
        end

        def materials(question, formatter)
          products = Operations::Shelf::Products.core
          rows = question.said.map do |key, amount|
            row = products.fetch(key)
            { material: key, label: row[:label], amount: formatter.amount(amount, row) }
          end
          { text: "#{question.piece.name} is finished. Did you use the material planned for it?", materials: rows }
        end

        def touch_up(question, _formatter)
          finding = Operations::Planning::Findings.core(question.piece).find { |one| one.id == question.finding_id }
          { text: "You noted “#{finding&.label}” on #{question.piece.name} after it was ready. Touch it up?",
            answers: [{ key: "planned", label: "Plan a touch-up" }, { key: "left", label: "Leave it" }] }
        end

        def said(question, _formatter)
          said = Core::Units::Effort.text(question.piece.said_seconds)
          { text: "The #{said} you gave #{question.piece.name} are used up. How much work is left now?",
            answers: [{ key: "none", label: "No work left" }] }
        end

        def short(question, formatter)
          { text: short_text(question, formatter) }
        end

        def overlap(question, formatter)
          { text: overlap_text(question, formatter), answers: answers(question) }
        end

        private

        def short_text(question, formatter)
          container = question.container
          product = Operations::Shelf::Products.core.fetch(container.product)
          amount = Rational(question.amount_thousandths, Operations::Shelf::Containers::THOUSANDTHS)
          more = Core::Shelf::Amount.text(amount, product, unit: formatter.workshop.length_unit)
          "#{more} more #{product[:label]} was used than the shelf says was left. How much is left now?"
        end

        def overlap_text(question, formatter)
          first, second = entries(question)
          on = formatter.day(question.work_entry.worked_on)[:text]
          "#{question.work_entry.person.name}: overlapping hours on #{on}, #{first} and #{second}. Which one gets the shared time?"
        end

        def answers(question)
          [["both", "Keep both"], *%w[first second].zip(entries(question))].map do |key, label|
            { key: key, label: label }
          end
        end

        # "sanding 14:00 to 14:40" of both.
        def entries(question)
          [question.work_entry, question.other_entry].map do |entry|
            zone = Operations::Support::Workshop.current.zone
            from, to = Operations::Flips::Questions.span(entry).map { |at| at.in_time_zone(zone).strftime("%H:%M") }
            "#{Core::Flips::WorkKinds.label(entry.kind).downcase} #{from} to #{to}"
          end
        end
      end
    end
  end
end
