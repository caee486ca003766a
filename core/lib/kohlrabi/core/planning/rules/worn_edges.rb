# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Rules
        # Edges worn through to what lies under them: never through an old finish that may hold lead.
        class WornEdges < Rule
          rule "Worn edges",
               on: "a distressed look is asked for over paint, stain, wash or paper",
               why: "edges are worn after the last coat and sealed by the clear one"
          WORN = %w[paint stain wash paper].freeze # finishes whose coat can be worn through

          def applies? = WORN.include?(choice.finish) && choice.over&.include?("distressed") && !surface.sealed_in?

          def plan
            index = choice.over.index("distressed")
            add(:distressed, key: "distressed/#{index}#{recoat_suffix}", seq: index, grits: [220])
          end
        end
      end
    end
  end
end
