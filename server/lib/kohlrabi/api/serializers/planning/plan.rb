# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # A line of a plan: steps that are read, and written down afterwards, as one.
      class LineRow < Support::Page
        shows :where, :materials
        attributes :key, :title, :label, :state
        attribute(:steps) { |line| line.steps.map(&:key) }
        said :estimate, :time, from: :seconds
        said :estimate, :remaining
        attribute(:rests_on) { |line| Core::Planning::Basis.of(line.steps, @known) }
        attribute(:wait) { |line| @formatter.wait(line.wait) if line.wait.positive? }

        # line: Core::Planning::Lines::Line; plan: Core::Planning::Plan; known: {kind of work => [factor, n]}.
        def initialize(line, plan, formatter, known:)
          super(line, formatter)
          @plan = plan
          @known = known
        end

        private

        def where
          repeats = Core::Planning::Repeats
          Core::Planning::ZoneWords.list(object.zones.map do |key|
            repeats.base(key)
          end.uniq, repeats.single(@plan.brief.zones))
        end

        def materials
          object.materials.map do |key, amount|
            row = @plan.brief.products.fetch(key)
            "#{@formatter.amount(amount, row)} #{row[:label]}"
          end
        end
      end

      # The plan of a piece: its steps, what they add up to, materials to buy.
      class PlanRow < Support::Page
        shows :steps, :lines, :sessions, :frames, :ready, :behind, :faults, :learned
        said :estimate, :low, :high, :remaining
        said :estimate, :hours, from: :seconds
        attribute(:range) { Core::Units::Effort.between(@plan.low, @plan.high) }
        attribute(:materials) { @stock.lines.map { |line| material(line) } }
        attribute(:to_buy) { @formatter.about(@stock.price) }
        attribute(:used) { @formatter.about(@stock.used) }
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
          before = nil
          @plan.lines.map do |line|
            first = line.steps.reject(&:done?).filter_map { |step| days[step.key] }.min
            before = [before, first].compact.max # lines are in the order of their days
            { **LineRow.new(line, @plan, @formatter, known: known).to_h, on: day(first && before) }
          end
        end

        # Days on which it is worked, with the hands-on time of each.
        def sessions
          chunks = own_slots.flat_map(&:chunks).group_by { |from, _| @bench.date(from) }
          chunks.sort.map do |date, parts|
            { on: day(date), time: @formatter.effort(parts.sum do |from, to|
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
            packs: @formatter.packs(line.packs, line.row), price: @formatter.price(line.price), used: @formatter.about(line.used),
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

      # Looking over, looks and plan of one piece, as the contract's Plan.
      class PlanPage < Support::Page
        SHAPE = Operations::Planning::Shapes::FIELDS.grep_v(/_mm\z|row_heights/)
        LENGTHS = %w[width depth height leg leaf upper_height upper_depth].freeze

        shows :bought, :planned_shape, :findings, :acts, :lead
        attributes :id, :name, :kind
        attribute(:ticket, &:ticket_text)
        attribute(:drawing) { @formatter.drawing(Operations::Planning::Drawing.view(@piece)) }
        attribute(:shape) { Planning::Shape.present(Operations::Planning::Shapes.of(@piece), @formatter) }
        attribute(:sized) { Operations::Planning::Drawing.shape(@piece).sized? }
        attribute(:zones) { @zones.map { |zone| zone_row(zone) } }
        attribute(:looks) { @looks.map { |look| LookRow.new(@piece, look, @zones, @formatter).to_h } }
        attribute(:plan) { @plan && PlanRow.new(@piece, @plan, @formatter).to_h }
        attribute(:parts) { Planning::NumberedPart.present(@piece.numbered_parts, @formatter) }
        attribute(:mates) { Operations::Planning::Twins.mates(@piece).map { |mate| { id: mate.id, name: mate.name } } }

        attribute(:kinds) do
          Operations::Bench::Blocks.of_kinds(@piece).map { |kind, blocks| { kind: kind, blocks: StepRow.blocks(blocks) } }
        end

        # piece: Records::Piece; formatter: Formatter.
        def initialize(piece, formatter)
          super
          @piece = piece
          @workshop = formatter.workshop
          @zones = Operations::Planning::Drawing.zones(piece)
          @plan = Operations::Planning::Plans.of(piece)
          @looks = piece.looks.to_a
        end

        private

        # The drawing as bought, where it will become another.
        def bought
          return unless @piece.planned_shape

          drawing = Operations::Planning::Drawing
          @formatter.drawing(drawing.view(@piece, Core::Planning::Shape::Elevation.new(drawing.bought(@piece))))
        end

        def zone_row(zone)
          change = @piece.zone_changes.find { |row| row.zone == zone.key || zone.key.start_with?("#{row.zone}/") }
          { key: zone.key, label: zone.label, role: zone.role, group: zone.group, group_label: Core::Planning::Shape::Zone::GROUPS.fetch(zone.group),
            faces: zone.faces, area: @formatter.area(zone.area), width: zone.width, height: zone.height, shown: zone.shown?, advice: zone.advice,
            grade: Core::Planning::Shape::Zone::GRADES.fetch(zone.grade), material: zone.material,
            state: @plan ? @plan.zone_state(zone.key) : "untouched",
            change: change && change_fields(change), changed: change&.zone }
        end

        def change_fields(row)
          lengths = %w[relief_depth relief_pitch].to_h { |name| [name, @formatter.typed_length(row["#{name}_mm"])] }
          words = %w[label grade material relief parts into].to_h { |name| [name, row[name].to_s] }
          { **words, "area" => @formatter.typed_area(row.area_mm2), **lengths }
        end

        def planned_shape
          row = @piece.planned_shape or return
          plain = SHAPE.to_h { |name| [name, row[name].to_s] }
          lengths = LENGTHS.to_h { |name| [name, @formatter.typed_length(row["#{name}_mm"])] }
          { **plain, **lengths, "row_heights" => @formatter.typed_lengths(row.row_heights),
                                "without_upper" => row.without_upper ? "yes" : "" }
        end

        def findings
          rows = @piece.findings.index_by(&:id)
          Operations::Planning::Findings.core(@piece).map { |finding| FindingRow.new(finding, rows.fetch(finding.id), @zones, @formatter).to_h }
        end

        def acts
          Operations::Planning::Plans.acts(@piece, @workshop).map { |act| { key: act.key, label: act.label, spare: act.spare&.slice(:name, :count) } }
        end

        def lead
          answer = @piece.lead_answer
          { open: @plan ? @plan.lead_open? : false, answer: answer, answer_label: answer && Operations::Planning::LeadAnswers::WORDS.fetch(answer),
            after_limit: Core::Planning::Cautions.made_after_limit?(@piece.made_about), text: Core::Planning::Cautions.text(:lead) }
        end
      end
    end
  end
end
