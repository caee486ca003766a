# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Colour in open wood; under a water-based coat an oil-based stain dries right through first.
      class Stain < Rule
        rule "Stain",
             on: "stain is chosen",
             why: "it needs open wood; a water-based coat over an oil-based stain crawls unless that is dry right through"

        STOP = 20 # minutes after which the trial is given up
        DRY = 120 # minutes after which a spot can be judged
        DAY = "a day before a water-based coat goes over it"

        def applies? = choice.finish == "stain"

        def plan
          row = material
          add(:try_stain, of: row, key: "try-stain#{recoat_suffix}", seq: -1, wait: [row[:recoat], DRY].min,
                          try: { product: main_product[:key], stop: STOP, fallback: "paint this zone" })
          oily = row[:base] == "oil" && products.standard("clear")[:base] == "water"
          add(:stain, of: row, key: "colour/#{signature}/1#{recoat_suffix}", materials: amount(row),
                      wait: oily ? row[:handle] : row[:recoat],
                      wait_why: oily ? DAY : "#{main_product[:label]}, before it is coated")
        end
      end
    end
  end
end
