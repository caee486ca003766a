# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Old paint comes off with stripper: tried on a patch, a pass for every two layers, neutralised.
      class Strip < Rule
        rule "Strip",
             on: "the old finish must come off, and layers, detail or veneer ask for stripper",
             why: "layers clog paper, detail is flattened by sanding, veneer takes no coarse paper"
        STOP = 30 # minutes after which the patch is given up

        def applies? = !left? && !surface.sealed_in? && strips? && by_stripper?

        def plan
          row = products.standard("stripper")
          add(:try_strip, of: row, key: "try-strip#{recoat_suffix}",
                          try: { product: row[:key], stop: STOP, fallback: "scraper and sander" })
          passes.times do |pass|
            add(:strip, of: row, key: "strip/#{pass + 1}#{recoat_suffix}", seq: pass,
                        words: { pass: passes == 1 ? "" : ", pass #{pass + 1}" },
                        materials: amount(row), why: reason)
          end
          add(:neutralise, key: "neutralise#{recoat_suffix}")
        end

        private

        def passes = [(surface.layers / 2.0).ceil, 1].max

        def reason
          return "veneer takes no coarse paper" if surface.veneer?

          surface.layers >= 2 ? "#{surface.layers} layers clog paper" : "detail is flattened by sanding"
        end
      end
    end
  end
end
