# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Decorative paper, pasted on.
      class HangPaper < Rule
        rule "Paper",
             on: "paper is chosen, or asked for over another finish",
             why: "it lies on the last coat and under the clear one"
        SPARE = 1.15 # of the area, for trimming

        def applies? = finished? && (choice.finish == "paper" || choice.over&.include?("paper"))

        def plan
          row = products.fetch("paper")
          paste = products.fetch("paste")
          add(:paper, of: row, key: "paper#{recoat_suffix}",
                      materials: { row[:key] => zone.square_metres * SPARE, **amount(paste) }, wait: paste[:recoat])
        end
      end
    end
  end
end
