# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Paint and failing finish on a flat face come off with the scraper, before they are sanded.
      class Scrape < Rule
        rule "Scrape",
             on: "the old finish must come off and is paint or failing, and no stripper is asked for",
             why: "a flat face is scraped and sanded faster than stripped; paint clogs paper"

        def applies? = !left? && !surface.sealed_in? && strips? && !by_stripper? && scrapes?
        def plan = add(:scrape, key: "scrape#{recoat_suffix}")
      end
    end
  end
end
