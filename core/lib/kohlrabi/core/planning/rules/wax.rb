# frozen_string_literal: true

module Core
  module Planning
    module Rules
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
