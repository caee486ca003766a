# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Wood bleach in two goes, rinsed off with clean water, the raised grain sanded lightly.
      class Bleach < Rule
        rule "Bleach",
             on: "bleached wood is chosen, by itself or under a wash, stain or clear finish",
             why: "bleach works on bare wood only, before any colour; what stays in the wood works on",
             source: "common practice, no source; usual cautions for what it may meet"
        STOP = 30 # minutes after which the trial is given up
        DRY = 120 # minutes after which a spot can be judged
        GOES = 2

        def applies? = finished? && bleaches?

        def plan
          row = choice.finish == "bleach" ? main_product : products.standard("bleach")
          add(:try_bleach, of: row, key: "try-bleach#{recoat_suffix}", seq: -1, wait: DRY,
                           try: { product: row[:key], stop: STOP, fallback: "the wood as it is" })
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
