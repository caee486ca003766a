# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Pulls are sprayed apart: a primer for metal and two thin coats.
      class SprayPulls < PieceRule
        rule "Spray the pulls",
             on: "the look has them sprayed",
             why: "thin coats from a can do not run; bare metal wants its own primer",
             source: "common practice, weak"
        AEROSOL = 15.0 # ml a pull and coat
        COATS = 2

        def applies? = pulls_off? && look.hardware == "sprayed"

        def plan
          primer = products.fetch("aerosol_primer")
          paint = products.fetch("aerosol")
          spray(:hardware_prime, "hardware-prime", primer, 0, primer[:recoat])
          COATS.times do |coat|
            spray(:hardware_coat, "hardware-coat/#{coat + 1}", paint, coat, paint[coat.zero? ? :recoat : :handle])
          end
        end

        private

        def spray(name, key, row, coat, wait)
          add(name, [WholePiece::HARDWARE], key: key, minutes: pulls, seq: coat,
                                            words: { with: row[:label], coat: coat + 1 }, wait: wait,
                                            wait_why: row[:label], materials: { row[:key] => AEROSOL * pulls },
                                            cautions: row[:cautions])
        end
      end
    end
  end
end
