# frozen_string_literal: true

module Core
  module Planning
    module Rules
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
    end
  end
end
