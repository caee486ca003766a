# frozen_string_literal: true

module Core
  module Planning
    # How edits are laid over a plan. An edit whose step is not in the plan any more waits, and is said to.
    module Edits
      KINDS = %w[remove time wait label note split add before].freeze
      MAX_PARTS = 9
      AFTER_LEAD = "dismantle"
      OWN = "own-"
      # What stands between somebody and harm is not taken out of a plan: the lead question, and clean water between
      # acid and chlorine.
      KEPT = /\A(lead\z|rinse-|bleach-rinse)/

      extend self

      # Tasks of the steps that the user added: on the zones of the step they come after, just behind it.
      def tasks(edits, tasks)
        added(edits).flat_map do |edit|
          anchor = tasks.select { |task| task.key == edit.step }
          anchor.uniq(&:zone).each_with_index.map do |task, index|
            acts = Acts.read(edit.text, edit.work)
            Task.new(key: key_of(edit), phase: phase(acts, task), seq: task.seq + 0.5 + (edit.id / 1_000_000.0), kind: edit.work, label: edit.text,
                     zone: task.zone, acts: acts, minutes: index.zero? ? edit.seconds/60r : 0, wait: edit.minutes || 0,
                     wait_why: "your own step", why: "added by you", own: true)
          end
        end
      end

      # Steps after removing, splitting and changing their figures.
      def apply(steps, edits)
        removed = of(edits, "remove").map(&:step)
        kept = steps.reject { |step| removed.include?(step.key) && !step.key.match?(KEPT) }
        split = of(edits, "split").to_h { |edit| [edit.step, edit.number] }
        laid = kept.flat_map do |step|
          split[step.key] ? parts(step, split[step.key]) : [step]
        end.each { |step| change(step, edits) }
        of(edits, "before").each { |edit| move(laid, edit) }
        laid
      end

      # Lays the wishes for another order over the graph. Raises Refusal where one cannot be and strict is asked for.
      # Returns the edits that found no step or no place.
      def order(graph, edits, strict: false)
        refused = of(edits, "before").select do |edit|
          graph[edit.step] && graph[edit.other]
        end.reject { |edit| ordered?(graph, edit, strict) }
        edits.reject { |edit| found?(graph, edit) } | refused
      end

      def key_of(edit) = "#{OWN}#{edit.id}"

      private

      # Its neighbour's, but for what breaks a finish before anybody can have said whether that may be.
      def phase(acts, task)
        early = Phases.place(task.phase) <= Phases.place("lead") && acts.any? { |key| Acts.fetch(key)[:reach] }
        early ? AFTER_LEAD : task.phase
      end

      # The one goes just before the other, in whatever phase that is: whether the plan then holds is for the replay to
      # say.
      def move(steps, edit)
        first, second = [edit.step, edit.other].map { |key| steps.find { |step| step.key == key } }
        return unless first && second

        place, seq = second.position
        first.moved = [place, seq - 0.001] if (first.position <=> second.position).positive?
      end

      def ordered?(graph, edit, strict)
        graph.before(edit.step, edit.other)
        true
      rescue Refusal
        raise if strict

        false
      end

      def of(edits, kind) = edits.select { |edit| edit.kind == kind }
      def added(edits) = of(edits, "add")

      def found?(graph, edit)
        case edit.kind
        when "remove" then true
        when "add" then !graph[key_of(edit)].nil?
        when "split" then !graph["#{edit.step}#1"].nil?
        when "before" then !graph[edit.step].nil? && !graph[edit.other].nil?
        else !graph[edit.step].nil?
        end
      end

      def parts(step, number)
        Array.new(number) do |index|
          step.share("#{step.key}##{index + 1}", Rational(1, number), last: index == number - 1,
                                                                      of: [index + 1, number])
        end
      end

      def change(step, edits)
        edits.select { |edit| edit.step == step.key && edit.kind != "before" }.each do |edit|
          case edit.kind
          when "time" then step.seconds_override = edit.seconds
          when "wait" then step.wait_override = edit.minutes
          when "label" then step.label_override = edit.text
          when "note" then step.note = edit.text
          else next
          end
          step.edits << edit
        end
      end
    end
  end
end
