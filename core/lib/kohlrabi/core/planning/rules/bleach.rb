# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Rules
        # Wood bleach in two goes, rinsed off with clean water, the raised grain sanded lightly.
        class Bleach < Rule
          rule "Bleach",
               on: "bleached wood is chosen",
               why: "bleach works on bare wood only, before any colour; what stays in the wood works on",
               source: "common practice, no source; usual cautions for what it may meet"
          GOES = 2

          def applies? = choice.finish == "bleach"

          def plan
            row = main_product
            GOES.times do |pass|
              add(:bleach, of: row, key: "bleach/#{pass + 1}#{recoat_suffix}", seq: pass, words: { coat: pass + 1 },
                           materials: amount(row),
                           wait: row[:recoat])
            end
            add(:bleach_rinse, key: "bleach-rinse#{recoat_suffix}", seq: 4)
            add(:bleach_sand, key: "bleach-sand#{recoat_suffix}", seq: 5, grits: [220])
          end
        end
      end
    end
  end
end
