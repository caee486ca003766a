# frozen_string_literal: true

module Core
  module Planning
    module Rules
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
    end
  end
end
