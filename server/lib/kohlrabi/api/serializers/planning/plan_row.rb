# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # The plan of a piece: its steps, what they add up to, materials to buy.
      class PlanRow < Support::Page
        shows :steps, :lines, :sessions, :frames, :ready, :behind, :faults, :learned
        said :effort, :low, :high, :remaining
        said :effort, :hours, from: :seconds
        attribute(:materials) { @stock.lines.map { |line| material(line) } }
        attribute(:to_buy) { @formatter.money(@stock.price) }
        attribute(:used) { @formatter.money(@stock.used) }
        attribute(:over) { @plan.brief.recorded.closed } # the piece is ready, or further
        attribute(:dropped) { @plan.dropped.map(&:label).uniq }
        attribute(:unpriced) { @stock.unpriced }
        attribute(:lost_edits) { lost }

        def initialize(piece, plan, formatter)
          super(plan, formatter)
          @piece = piece
          @plan = plan
          @stock = Core::Planning::Stock.new(plan.materials_left, plan.brief.products)
          @bench = Operations::Bench::Schedules.now
        end

        private

        def steps
          shared = { days: days, drawn: Operations::Planning::Drawing.shape(@piece).drawn, confirmed: @piece.confirmations.map(&:caution),
                     actual: Operations::Planning::Steps.actual(@piece), sprayers: Operations::Shelf::Sprayers.by_product, known: known,
                     blocks: Operations::Bench::Blocks.of(@piece, @plan) }
          @plan.steps.map { |step| StepRow.new(step, @plan, @formatter, **shared).to_h }
        end

        # Of several alike the first stands for all.
        def frames
          @plan.frames.filter_map do |step, faces|
            first = faces.reject { |key, _| key.match?(/@(?!1\z)/) }.transform_keys { |key| Core::Planning::Repeats.base(key) }
            if first.any?
              { step: step, zones: first.map do |zone, (finish, colour)|
                { zone: zone, finish: finish, colour: colour }
              end }
            end
          end
        end

        def lines
          @plan.lines.map do |line|
            first = line.steps.reject(&:done?).filter_map { |step| days[step.key] }.min
            { **LineRow.new(line, @plan, @formatter, known: known).to_h, on: day(first) }
          end
        end

        # Days on which it is worked, with the hands-on time of each.
        def sessions
          chunks = own_slots.flat_map(&:chunks).group_by { |from, _| @bench.date(from) }
          chunks.sort.map do |date, parts|
            { on: day(date), weekday: date.strftime("%A"), time: @formatter.effort(parts.sum do |from, to|
              to - from
            end * 60) }
          end
        end

        def day(date) = @formatter.day(date)
        def own_slots = @bench.schedule.slots.values.select { |slot| slot.job.piece == @piece.id }

        # What does not hold in it, as somebody changed it.
        def faults
          single = Core::Planning::Repeats.single(@plan.brief.zones)
          @plan.faults.map do |fault|
            zones = fault.zones.map { |key| Core::Planning::Repeats.base(key) }.uniq
            { level: fault.level.to_s, step: fault.step&.label, where: Core::Planning::ZoneWords.list(zones, single), text: fault.text }
          end
        end

        def ready = @formatter.ready(Operations::Bench::ReadyDates.of(@piece, bench: @bench))

        # {step key => day on which it is to be worked}.
        def days = @days ||= own_slots.to_h { |slot| [@bench.key(slot.job), @bench.date(slot.from)] }

        def material(line)
          { product: line.row[:key], label: line.row[:label], swatch: line.row[:colour]&.hex, kind: line.row[:kind],
            amount: @formatter.amount(line.amount, line.row),
            packs: @formatter.packs(line.packs, line.row), price: @formatter.money(line.price), used: @formatter.money(line.used),
            over: @formatter.amount(line.over, line.row), there: there(line),
            others: @plan.brief.products.of_kind(line.row[:kind]).size > 1 }
        end

        # What the shelf has of it.
        def there(line)
          @left ||= Operations::Shelf::Containers.left
          keys = Operations::Shelf::Draws.keys(line.row, @left.keys)
          @formatter.amount(keys.sum { |key| @left.fetch(key, 0) }, line.row)
        end

        # Edits that wait for their step, or whose order cannot be now; and steps that were taken out.
        def lost
          gone = @plan.brief.edits.select { |edit| edit.kind == "remove" }
          @plan.lost_edits.map do |edit|
            { id: edit.id, text: "#{edit.kind}: #{edit.text || edit.step}", removed: false }
          end +
            gone.map { |edit| { id: edit.id, text: edit.step, removed: true } }
        end

        def behind
          seconds = Operations::Planning::Plans.behind(@piece, @plan)
          left = @plan.left_behind.map(&:key)
          { time: seconds.zero? ? nil : @formatter.effort(seconds), steps: @piece.step_marks.select do |mark|
            left.include?(mark.step)
          end.map(&:label).uniq }
        end

        # {kind of work => [factor, n]}.
        def known = @known ||= Operations::Planning::Factors.known

        # Kinds of work whose estimate follows the workshop's own hours.
        def learned
          known.map do |kind, (factor, number)|
            { kind: Core::Flips::WorkKinds.label(kind), factor: Core::Units::Numerals.text(factor.to_r, 2), n: number }
          end
        end
      end
    end
  end
end
