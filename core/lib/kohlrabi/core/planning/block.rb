# frozen_string_literal: true

module Core
  module Planning
    # What keeps a step from being started or done: code; text: a sentence. It holds until a moment (until: Time), until
    # so many minutes after a step that is done before (until_step: key, wait), until a question is answered or a
    # caution read (until_answer: "lead", the step's key, or "caution:KEY"), or as long as it stands where none of them
    # is given. A device needs nothing else to know whether it still holds.
    Block = Struct.new(:code, :text, :until, :until_step, :wait, :until_answer, keyword_init: true) do
      class << self
        # What the plan alone says of a step. confirmed: keys of cautions that were read for the piece; read: writes a
        # caution.
        def of(step, plan, confirmed:, read:)
          brief = plan.brief
          [*answers(step), *danger(step, brief), *unread(step, confirmed, read), *waits(step, plan)]
        end

        private

        # A step that ends with an answer.
        def answers(step)
          return [new(code: "lead", text: "Answer the lead question first.", until_answer: "lead")] if step.key == "lead"
          if step.key.start_with?("decide/")
            return [new(code: "decide", text: "Choose a finish first.",
                        until_answer: step.key)]
          end

          step.try ? [new(code: "trial", text: "Say whether it worked.", until_answer: step.key)] : []
        end

        def danger(step, brief)
          against = Dangers.against(step, brief) or return []
          answer = "lead" if against.code == :lead_not_answered
          [new(code: against.code == :lead_not_answered ? "lead" : "firm", text: against.message, until_answer: answer)]
        end

        def unread(step, confirmed, read)
          keys = step.cautions.select { |key| Cautions.serious?(key) } - confirmed
          keys.map do |key|
            new(code: "caution", text: "Read the caution first: #{read.call(key)}", until_answer: "caution:#{key}")
          end
        end

        # What it follows is still open: once that is ticked, it waits so long.
        def waits(step, plan)
          step.needs.filter_map do |need|
            before = plan.step(need.key)
            next unless before&.open? && need.wait.positive?

            new(code: "dries_after", text: "Wait #{Units::Effort.text(need.wait * 60)} after “#{before.label}”.", until_step: need.key,
                wait: need.wait)
          end
        end
      end
    end
  end
end
