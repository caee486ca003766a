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

      # Paint and water, half and half, tried first; it loses its primer and its clear coat.
      class ThinWash < Rule
        rule "Wash of thin paint",
             on: "a wash is chosen",
             why: "it cannot be taken back out of open wood, so it is tried first"
        STOP = 20 # minutes after which it is given up
        PAINT = 2 # one part in so many

        def applies? = choice.finish == "wash"

        def plan
          row = material
          add(:try_wash, key: "try-wash#{recoat_suffix}", seq: -1, wait: row[:recoat],
                         try: { product: main_product[:key], stop: STOP, fallback: "paint this zone" })
          paint = amount(row).transform_values { |millilitres| millilitres / PAINT }
          add(:thin_wash, of: row, key: "colour/#{signature}/1#{recoat_suffix}", materials: paint, wait: row[:recoat],
                          wait_why: "#{row[:label]}, recoat")
        end
      end

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

      # Wax over what is there, or twice on bare wood, which drinks the first coat.
      class Wax < Rule
        rule "Wax",
             on: "wax is chosen, or asked for over another finish",
             why: "nothing sticks on wax, so it comes last; bare wood drinks the first coat"

        def applies? = finished? && (bare_wood? || choice.over&.include?("wax"))

        def plan
          return wax_on(products.fetch("wax")) unless bare_wood?

          wax_on(main_product, wait: :recoat)
          wax_on(main_product, again: true)
        end

        private

        def bare_wood? = choice.finish == "wax"

        def wax_on(row, wait: :handle, again: false)
          add(:wax, of: row, key: "wax/#{row[:key]}#{'/2' if again}#{recoat_suffix}", seq: again ? 6 : 5,
                    materials: amount(row), wait: row[wait],
                    words: { wipe: row[:recoat], coat: again ? ", a second time" : "" },
                    wait_why: "wax hardens overnight")
        end
      end
    end
  end
end
