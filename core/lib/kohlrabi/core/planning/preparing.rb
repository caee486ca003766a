# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # Cleaning, taking off the old finish, sanding: all that a zone needs before its first coat.
      class Preparing < ZoneJob
        # What somebody may ask for instead of what the findings ask.
        WAYS = { "scuff" => "scuffed", "sander" => "to the wood by sander", "scraper" => "to the wood by scraper, then sander",
                 "stripper" => "to the wood by stripper", "none" => "none" }.freeze
        TO_WOOD = %w[sander scraper stripper].freeze
        SOFT = 100 # grit to start with on softwood and legs
        FILTH = %w[grease mould droppings].freeze
        THICK = 3 # layers of paint that are better taken off than painted over (common practice, weak)

        # Array of Task.
        def build
          clean
          return left if choice.finish == "leave"

          surface.sealed_in? ? contain : take_off_and_key
          wash_by_the_house
          add(:dust, key: "dust#{recoat_suffix}") if sanded? || surface.sealed_in? || filled? || treated?("sand")
          tasks
        end

        # Whether the old finish must come off: for open wood, or because paint lies too thick; lead seals in what holds.
        def strips?
          return false if surface.coating == :bare || surface.stripped? || surface.slick?
          return TO_WOOD.include?(choice.preparation) if choice.preparation
          return true if Finishes.bare?(choice.finish)

          family == "opaque" && (surface.sealed_in? ? surface.sign?(:failing) : surface.layers >= THICK)
        end

        def to_bare? = Finishes.bare?(choice.finish) || strips?

        private

        # What stays as it is, but for a sealer inside, which lies on no dust.
        def left
          add(:dust, key: "dust#{recoat_suffix}") if sealed_inside? && (treated?("sand") || filled?)
          tasks
        end

        # Inside and what is not seen is cleaned by the look's word for the inside.
        def clean
          return if zone.group == "inside" && brief.look.inside == "leave" && choice.finish == "leave"

          add(:vacuum, cautions: surface.sign?(:odour) ? %w[dust] : [])
          dewax if surface.sign?(:wax, :oil, :silicone) && coated?
          return wash if practices[:washing] != "after" || filthy?

          wash("-after", phase: "wash_after") if choice.finish == "leave"
        end

        # Whether anything shall stick on it.
        def coated? = choice.finish != "leave" || sealed_inside? || filled?
        def sealed_inside? = zone.group == "inside" && brief.look.inside == "sealed"

        # After sanding where the house does so; what is not sanded is washed all the same, before anything lies on it.
        def wash_by_the_house
          return wash("-after", phase: "wash_after") if %w[after both].include?(practices[:washing]) && sanded?

          wash if tasks.none? { |task| task.key == "wash" }
        end

        # What sanding would press into the wood is washed off before it, whatever the house does else.
        def filthy? = surface.findings.any? { |finding| FILTH.include?(finding.key) }

        def dewax
          row = products.fetch("spirits")
          twice = surface.sign?(:silicone) ? 2 : 1
          add(:dewax, of: row, repeats: twice, materials: amount(row, coats: twice))
        end

        def wash(ending = "", **phase)
          row = products.fetch("degreaser")
          add(:wash, of: row, key: "wash#{ending}", materials: amount(row), **phase)
          add(:wash_rinse, key: "wash-rinse#{ending}", seq: 1, **phase)
        end

        # Lead is there, or nobody is sure: nothing is sanded, scraped or heated. Sound old paint is sealed in; what must come off is
        # not work for this workshop.
        def contain
          if strips?
            add(:lead_safe, key: "lead-safe", outside: true)
            return sand(120, ending)
          end
          row = products.fetch("deglosser")
          add(:seal_in, of: row, key: "seal-in", materials: amount(row))
        end

        def take_off_and_key
          if strips?
            by_stripper? ? strip : (add(:scrape, key: "scrape#{recoat_suffix}") if scrapes?)
          end
          key_surface
        end

        # By layers, detail and veneer; the workshop's own way goes first; a patch that failed turns it round.
        def by_stripper?
          return false if brief.failed?("try-strip")
          return choice.preparation == "stripper" if TO_WOOD.include?(choice.preparation)
          return true if practices[:strip] == "stripper"
          return false if practices[:strip] == "sander" && !surface.veneer?

          surface.layers >= 2 || zone.grade != "flat" || surface.veneer?
        end

        # A thin clear finish is sanded off from P80; paint is scraped first, or it clogs the paper.
        def scrapes?
          return choice.preparation == "scraper" if TO_WOOD.include?(choice.preparation)

          surface.coating == :paint || surface.sign?(:failing)
        end

        def strip
          row = products.standard("stripper")
          passes = [(surface.layers / 2.0).ceil, 1].max
          add(:try_strip, of: row, key: "try-strip#{recoat_suffix}",
                          try: { product: row[:key], stop: 30, fallback: "scraper and sander" })
          passes.times do |pass|
            add(:strip, of: row, key: "strip/#{pass + 1}#{recoat_suffix}", seq: pass, words: { pass: passes == 1 ? "" : ", pass #{pass + 1}" },
                        materials: amount(row), why: strip_why)
          end
          add(:neutralise, key: "neutralise#{recoat_suffix}")
        end

        def strip_why
          return "veneer takes no coarse paper" if surface.veneer?

          surface.layers >= 2 ? "#{surface.layers} layers clog paper" : "detail is flattened by sanding"
        end

        def key_surface
          return if choice.preparation == "none"
          return sand(start_grit, ending) if to_wood? && !surface.slick? # there is no wood under laminate
          return if practices[:grip] == "chalk" && main_product&.dig(:chalk)
          return deglosser if practices[:grip] == "deglosser"

          grit = practices[:scuff_grit].to_i
          add(:scuff, key: "scuff#{recoat_suffix}", grits: [surface.slick? ? [grit, 180].max : grit])
        end

        # Whether it is sanded in steps: down to the wood, or on it; scuffed only where somebody says so.
        def to_wood? = choice.preparation == "scuff" ? false : to_bare? || surface.coating == :bare

        def deglosser
          row = products.fetch("deglosser")
          add(:deglosser, of: row, key: "deglosser#{recoat_suffix}", materials: amount(row))
        end

        # 80 to bare wood, 60 if caked, 100 on softwood and legs, 180 after a scraper, 120 after stripper; veneer never below 120.
        def start_grit
          start = if strips? then stripped_grit
                  elsif surface.sign?(:softwood) || zone.role == "leg" then SOFT
                  else 80
                  end
          surface.veneer? ? [start, 120].max : start
        end

        def stripped_grit
          return 120 if by_stripper?
          return surface.sign?(:softwood) || zone.role == "leg" ? SOFT : 80 unless scrapes?

          surface.sign?(:failing) && surface.layers >= THICK ? 60 : 180
        end

        # Under paint 180, under stain what its label says, clear 220, wax 240.
        def ending
          return main_product[:end] if main_product && main_product[:end]

          family == "opaque" || choice.finish == "wash" ? 180 : 220
        end

        def sand(from, to)
          ladder = Grits.ladder([from, to].min, to)
          words = ladder.map { |grit| "P#{grit}" }.join(", ")
          add(:ladder, key: "ladder/#{ladder.join('-')}#{recoat_suffix}",
                       words: { grits: surface.veneer? ? "#{words}, by hand near the edges" : words },
                       repeats: ladder.size, grits: ladder, acts: [to_bare? ? "sand_bare" : "abrade"], why: ladder_why)
        end

        def ladder_why
          surface.veneer? ? "veneer: no coarser than P120, sanded through in seconds" : "each grit takes out the scratches of the one before"
        end

        def sanded? = tasks.any? { |task| task.phase == "sand" && task.grits.any? }
      end
    end
  end
end
