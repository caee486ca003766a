# frozen_string_literal: true

module Core
  module Planning
    module Judgements
      # What becomes of the old finish, how it comes off, and between which grits a zone is sanded (common practice,
      # weak).
      module Preparation
        # What somebody may ask for instead of what the findings ask.
        WAYS = { "scuff" => "scuffed", "sander" => "to the wood by sander", "sander_60" => "to the wood by sander, from 60 grit",
                 "sander_80" => "to the wood by sander, from 80 grit", "sander_100" => "to the wood by sander, from 100 grit",
                 "scraper" => "to the wood by scraper, then sander", "stripper" => "to the wood by stripper",
                 "bleach" => "to the wood, then bleached", "none" => "none" }.freeze
        TO_WOOD = %w[sander scraper stripper].freeze
        GRIT = /_(\d+)\z/
        VENEER = 120 # the coarsest paper on veneer
        SOFT = 100 # grit to start with on softwood and legs
        THICK = 3 # layers of paint that are better taken off than painted over

        # The way to the wood that somebody asks for; bleaching what is bare says nothing of it.
        def asked = (choice.preparation&.sub(GRIT, "") unless choice.preparation == "bleach")

        # The paper to begin with that somebody asks for.
        def asked_grit = choice.preparation&.slice(GRIT, 1)&.to_i

        # Whether open wood is bleached: for its own sake, or under what comes after, unless the trial went badly.
        def bleaches?
          return true if choice.finish == "bleach"

          choice.preparation == "bleach" && Finishes.bare?(choice.finish) && !brief.failed?("try-bleach")
        end

        # Whether the old finish must come off: for open wood, or because paint lies too thick; lead seals in what
        # holds.
        def strips?
          return false if surface.coating == :bare || surface.stripped? || surface.slick?
          return TO_WOOD.include?(asked) if asked
          return true if Finishes.bare?(choice.finish)

          family == "opaque" && (surface.sealed_in? ? surface.sign?(:failing) : surface.layers >= THICK)
        end

        # Whether the zone is down to the wood before its first coat.
        def to_bare? = Finishes.bare?(choice.finish) || strips?
        def bare? = to_bare? || surface.sign?(:bare)

        # By layers, detail and veneer; the workshop's own way goes first; a patch that failed turns it round.
        def by_stripper?
          return false if brief.failed?("try-strip")
          return asked == "stripper" if TO_WOOD.include?(asked)
          return true if practices[:strip] == "stripper"
          return false if practices[:strip] == "sander" && !surface.veneer?

          surface.layers >= 2 || zone.grade != "flat" || surface.veneer?
        end

        # A thin clear finish is sanded off from 80 grit; paint is scraped first, or it clogs the paper.
        def scrapes?
          return asked == "scraper" if TO_WOOD.include?(asked)

          surface.coating == :paint || surface.sign?(:failing)
        end

        # Whether it is only smoothed: bare wood inside, which nobody paints over or looks at from near. Cedar would
        # lose its scent.
        def light? = zone.group == "inside" && surface.coating == :bare && !TO_WOOD.include?(asked)

        # Whether it is sanded in steps: down to the wood, or on it; scuffed only where somebody says so. There is no
        # wood under laminate.
        def to_wood?
          return false if asked == "scuff" || surface.slick? || surface.new? || light?

          to_bare? || surface.coating == :bare
        end

        # 80 to bare wood, 60 if caked, 100 on softwood and legs, 180 after a scraper, 120 after stripper; veneer
        # never below 120.
        def start_grit
          start = if asked_grit then asked_grit
                  elsif strips? then stripped_grit
                  elsif soft? then SOFT
                  else 80
                  end
          surface.veneer? ? [start, VENEER].max : start
        end

        # Under paint 180, under stain what its label says, clear 220, wax 240.
        def end_grit
          return main_product[:end] if main_product && main_product[:end]

          family == "opaque" || choice.finish == "wash" ? 180 : 220
        end

        # What sanding would press into the wood is washed off before it, whatever the house does else.
        def filthy? = ground.sign?(:filth)

        private

        def stripped_grit
          return VENEER if by_stripper?
          return soft? ? SOFT : 80 unless scrapes?

          surface.sign?(:failing) && surface.layers >= THICK ? 60 : 180
        end

        def soft? = surface.sign?(:softwood) || zone.role == "leg"
      end
    end
  end
end
