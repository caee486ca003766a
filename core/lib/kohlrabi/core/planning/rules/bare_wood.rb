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

      # Paint and failing finish on a flat face come off with the scraper, before they are sanded.
      class Scrape < Rule
        rule "Scrape",
             on: "the old finish must come off and is paint or failing, and no stripper is asked for",
             why: "a flat face is scraped and sanded faster than stripped; paint clogs paper"

        def applies? = !left? && !surface.sealed_in? && strips? && !by_stripper? && scrapes?
        def plan = add(:scrape, key: "scrape#{recoat_suffix}")
      end

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
          add(:bleach_rinse, key: "bleach-rinse#{recoat_suffix}", seq: 4, words: { how: rinsed(row) })
          add(:bleach_sand, key: "bleach-sand#{recoat_suffix}", seq: 5, grits: [220])
        end

        private

        # Chlorine makes gas with whatever would neutralize another bleach.
        def rinsed(row)
          return "Rinse the bleach off with clean water only" if row[:cautions].map(&:to_s).include?("chlorine")

          "Neutralize the bleach as its label says and rinse it off with clean water"
        end
      end

      # Water on open wood raises its grain: what was bleached or treated wet after the sanding is sanded lightly once
      # dry.
      class RaisedGrain < Rule
        rule "Sand raised grain",
             on: "open wood was treated wet after its sanding, and will show",
             why: "water raises the grain, and a clear coat would keep it"

        def applies? = finished? && Finishes.bare?(choice.finish) && !bleaches? && treated?("bleach")
        def plan = add(:bleach_sand, key: "bleach-sand#{recoat_suffix}", seq: 5, grits: [220])
      end

      # What is glued over is made dull first; an old finish that may hold lead is wiped down wet instead.
      class ReadyGround < Rule
        rule "Make the ground dull",
             on: "slats or wrap go over a finish that stays under them",
             why: "glue holds on by the scratches"
        GRIT = 120

        def applies? = covered? && !fresh? && ground.coating != :bare

        def plan
          place = { seq: -10, why: self.class.told_why }
          return add(:ground, grits: [GRIT], **place) unless ground.sealed_in?

          row = products.fetch("deglosser")
          add(:ground_wet, of: row, key: "ground-wet", materials: amount(row), **place)
        end
      end

      # An old finish that may hold lead and stays is made to grip without being broken.
      class SealIn < Rule
        rule "Grip without dust",
             on: "lead is there or not ruled out, and the old finish stays",
             why: "it stays whole under the new one",
             source: "usual cautions; local rules decide"

        def applies? = !left? && surface.sealed_in? && !strips?

        def plan
          row = products.fetch("deglosser")
          add(:seal_in, of: row, key: "seal-in", materials: amount(row))
        end
      end
    end
  end
end
