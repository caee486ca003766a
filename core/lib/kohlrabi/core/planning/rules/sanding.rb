# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Bare wood, and what is taken down to it, is sanded through the grits.
      class Sand < Rule
        rule "Sand through the grits",
             on: "bare wood, or a finish that comes off, and nobody asks for scuffing only",
             why: "each grit takes out the scratches of the one before",
             source: "common practice; sizes FEPA 43-1 / ISO 6344 (from memory)"
        FROM_A_FIRM = 120 # grit to go on with after it was taken off by somebody else

        def applies?
          return false if left?
          return strips? if surface.sealed_in?

          asked != "none" && to_wood?
        end

        def plan
          ladder = Grits.ladder([surface.sealed_in? ? FROM_A_FIRM : start_grit, end_grit].min, end_grit)
          words = "#{ladder.join(', ')} grit"
          add(:ladder, key: "ladder/#{ladder.join('-')}#{recoat_suffix}",
                       words: { grits: surface.veneer? ? "#{words}, by hand near the edges" : words },
                       repeats: ladder.size, grits: ladder, acts: [to_bare? ? "sand_bare" : "abrade"], why: reason)
        end

        private

        def reason
          return "veneer sands through in seconds, so nothing coarser than 120 grit" if surface.veneer?

          "each grit takes out the scratches of the one before"
        end
      end

      # An old finish that stays is made dull all over, with paper or, by the workshop's way, with a deglosser.
      class Scuff < Rule
        rule "Scuff or degloss",
             on: "the old finish stays under the new one; not under chalk-style paint where the workshop trusts its grip",
             why: "the coat holds on by the scratches"
        SMOOTH = 220 # grit for the bare wood of an inside, once
        SLICK = 180 # grit for plastic and laminate at the coarsest

        def applies?
          return false if left? || surface.sealed_in? || asked == "none" || to_wood?

          practices[:grip] != "chalk" || !main_product&.dig(:chalk)
        end

        def plan
          if surface.new? && !surface.fresh?
            return add(:smooth_new, key: "smooth-new#{recoat_suffix}",
                                    grits: [end_grit])
          end
          return add(:smooth_inside, key: "smooth#{recoat_suffix}", grits: [SMOOTH]) if light?
          return degloss if practices[:grip] == "deglosser"

          grit = practices[:scuff_grit].to_i
          add(:scuff, key: "scuff#{recoat_suffix}", grits: [surface.slick? ? [grit, SLICK].max : grit])
        end

        private

        def degloss
          row = products.fetch("deglosser")
          add(:deglosser, of: row, key: "deglosser#{recoat_suffix}", materials: amount(row))
        end
      end

      # Edges worn through to what lies under them: never through an old finish that may hold lead.
      class WornEdges < Rule
        rule "Worn edges",
             on: "a distressed look is asked for over paint, stain, wash or paper",
             why: "edges are worn after the last coat and sealed by the clear one"
        PER_METRE = { false => 0.3, true => 0.45 }.freeze # minutes of edge, dry with paper and wet with a cloth (common practice, weak)
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
