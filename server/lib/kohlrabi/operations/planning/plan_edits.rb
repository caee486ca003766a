# frozen_string_literal: true

module Operations
  module Planning
    # What people change about a plan by hand. Edits name their step by key, so that they outlive re-planning.
    module PlanEdits
      extend Support::Refusing

      extend self

      # given: {"kind", "step", "before"?, "text"?, "work_kind"?, "time"?, "wait"?, "number"?, "our_way"?}. An edit
      # of the same sort on the same step takes the place of the one before. Returns the edit. Raises Refused where
      # the plan could not be worked so or could hurt somebody, and where it is only against the craft unless that
      # is said to be our way; sure: false for what is to stand in the plan all the same, handed to those who may do
      # it.
      def create(piece_id, given, sure: true)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          plan = Plans.of(piece) or refuse(:no_plan_yet, field: :step)
          values = read(given)
          known!(plan, values)
          single(piece, values)
          edit = piece.plan_edits.create!(values)
          strict!(piece.reload, values)
          safe!(piece, edit) if sure
          holds!(piece.reload, plan, values, our_way: given["our_way"] == true) if sure
          Plans.refresh(piece)
          edit
        end
      end

      def remove(id)
        Records::Base.transaction do
          edit = Support::Finder.find(Records::PlanEdit, id)
          deletion = Support::Removal.of([edit], what: "Change to the plan undone")
          Plans.refresh(edit.piece.reload)
          deletion
        end
      end

      # Array of Core::Planning::Edit.
      def core(piece)
        piece.plan_edits.map do |row|
          Core::Planning::Edit.new(id: row.id, kind: row.kind, step: row.step, other: row.other, text: row.text, work: row.work_kind,
                                   seconds: row.seconds, minutes: row.minutes, number: row.number)
        end
      end

      FIELDS = { "before" => :before, "wait" => :wait, "add" => :text }.freeze # the field at fault, by the kind of edit

      private

      def read(given)
        params = Support::Params.new(given, Support::Workshop.current)
        kind = params.choice(:kind, Core::Planning::Edits::KINDS, required: true)
        params.text(:step, max: 120, required: true)
        params.text(:before, into: :other, max: 120, required: kind == "before")
        params.text(:text, max: 160, required: %w[label note add].include?(kind))
        params.choice(:work_kind, Core::Flips::WorkKinds.keys, required: kind == "add")
        params.effort(:time, into: :seconds, required: %w[time add].include?(kind), bare: :minutes)
        params.with(:wait, into: :minutes, required: kind == "wait") do |raw|
          Core::Units::Effort.parse(raw, bare: :hours, most: Core::Units::Effort::LONGEST_WAIT) / 60
        end
        params.count(:number, 2..Core::Planning::Edits::MAX_PARTS, required: kind == "split")
        params.done!
      end

      def known!(plan, values)
        [[:step, values[:step]], [:before, values[:other]]].each do |field, key|
          refuse(:no_such_step_to_choose, field: field) if key && plan.step(key).nil?
        end
        return unless values[:kind] == "remove" && values[:step].match?(Core::Planning::Edits::KEPT)

        refuse(:lead_test_stays, field: :step) if values[:step] == "lead"
        refuse(:rinse_stays, field: :step)
      end

      # A step of one's own that would break a finish with lead in it, or not ruled out.
      def safe!(piece, edit)
        return unless edit.kind == "add"

        key = Core::Planning::Edits.key_of(edit)
        return if Plans.of(piece.reload)&.steps.to_a.none? { |step| step.key.split("/").first == key && step.outside? }

        refuse(:own_step_would_break_lead, field: :text, edit: edit.text)
      end

      # What the edit breaks, by replaying the plan over the state of each face.
      def holds!(piece, before, values, our_way:)
        serious, craft = broken(before, Plans.of(piece)).partition(&:refused?)
        fault = serious.first || (craft.first unless our_way) or return
        refuse(serious.any? ? :plan_would_hurt : :against_the_craft, field: FIELDS.fetch(values[:kind], :step),
                                                                     step: fault.step ? fault.step.label : "The plan", why: fault.text)
      end

      # Faults of a plan that it did not have before.
      def broken(before, after)
        known = before.faults.map { |fault| [fault.code, fault.step&.key] }
        after.faults.reject { |fault| known.include?([fault.code, fault.step&.key]) }
      end

      def single(piece, values)
        return if %w[add before].include?(values[:kind])

        piece.plan_edits.where(kind: values[:kind], deed: Core::Planning::Deed.read(values[:step])).find_each(&:destroy!)
      end

      # An order that cannot be is refused now, with the reason.
      def strict!(piece, values)
        return unless values[:kind] == "before"

        Core::Planning::Planner.new(Plans.brief(piece, Plans.chosen(piece)), strict: true).plan
      end
    end
  end
end
