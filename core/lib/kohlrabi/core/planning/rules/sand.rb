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
          words = ladder.map { |grit| "P#{grit}" }.join(", ")
          add(:ladder, key: "ladder/#{ladder.join('-')}#{recoat_suffix}",
                       words: { grits: surface.veneer? ? "#{words}, by hand near the edges" : words },
                       repeats: ladder.size, grits: ladder, acts: [to_bare? ? "sand_bare" : "abrade"], why: reason)
        end

        private

        def reason
          return "veneer: no coarser than P120, sanded through in seconds" if surface.veneer?

          "each grit takes out the scratches of the one before"
        end
      end
    end
  end
end
