# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # Open steps of the pieces that hours are recorded for, to be ticked in the same form.
      module DoneWithRow
        module_function

        # asked: {"pieces": "1,2", "kind", "effort"?, "bare"?}. What can't be read as a time yet counts as none.
        def all(asked, formatter)
          hours = { asked["kind"].to_s => seconds(asked) }
          Operations::Planning::DoneWith.offers(asked["pieces"].to_s.split(",").map(&:to_i),
                                                hours).map do |piece, steps|
            { piece: { id: piece.id, name: piece.name }, steps: steps(steps, formatter) }
          end
        end

        # steps: Array of [Core::Planning::Step, likely].
        def steps(steps, formatter)
          steps.map do |step, likely|
            { step: step.key, label: step.label, estimate: formatter.effort(step.remaining), likely: likely }
          end
        end

        def seconds(asked)
          Core::Units::Effort.parse(asked["effort"].to_s, bare: asked["bare"] == "min" ? :minutes : :auto)
        rescue Core::Refusal
          0
        end
        private_class_method :seconds
      end
    end
  end
end
