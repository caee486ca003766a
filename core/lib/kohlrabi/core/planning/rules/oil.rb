# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Oil in two coats, the excess wiped off by its label.
      class Oil < Rule
        rule "Oil",
             on: "oil is chosen",
             why: "the first coat fills the wood, the second stands on it"
        COATS = 2

        def applies? = choice.finish == "oil"

        def plan
          row = main_product
          (choice.coats || COATS).times do |coat|
            add(:oil, of: row, key: "oil/#{row[:key]}/#{coat + 1}#{recoat_suffix}", seq: coat,
                      words: { coat: coat + 1, wipe: row[:wipe] },
                      materials: amount(row), wait: row[:recoat], wait_why: "oil, recoat")
          end
        end
      end
    end
  end
end
