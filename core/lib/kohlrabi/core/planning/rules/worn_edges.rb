# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Edges worn through to what lies under them: never through an old finish that may hold lead.
      class WornEdges < Rule
        rule "Worn edges",
             on: "a distressed look is asked for over paint, stain, wash or paper",
             why: "edges are worn after the last coat and sealed by the clear one"
        PER_METRE = { false => 1.0, true => 1.5 }.freeze # minutes of edge, dry with paper and wet with a cloth (common practice, weak)
        WORN = %w[paint stain wash paper].freeze # finishes whose coat can be worn through

        def applies? = WORN.include?(choice.finish) && choice.over&.include?("distressed") && !surface.sealed_in?

        def plan
          index = choice.over.index("distressed")
          add(wet? ? :distressed_wet : :distressed, key: "distressed#{'-wet' if wet?}/#{index}#{recoat_suffix}", seq: index, wet: wet?,
                                                    grits: wet? ? [] : [220], note: primer_shows,
                                                    minutes: PER_METRE.fetch(wet?) * zone.edge / 1000.0)
        end

        private

        # A damp cloth takes chalk-style paint off, and no other once it is dry.
        def wet? = practices[:wearing] == "wet" && choice.finish == "paint" && main_product[:chalk] == true

        # What is worn through to is the primer, not the old colour.
        def primer_shows
          return unless choice.finish == "paint" && primer && choice.undercolour.nil?

          "the primer will show at the worn edges, not the wood or the old colour: choose an undercolour to hide it"
        end
      end
    end
  end
end
