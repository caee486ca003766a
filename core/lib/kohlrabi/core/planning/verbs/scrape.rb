# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Scraping an old finish off, dry.
      class Scrape < Verb
        def faults = [lead_fault].compact

        def leave
          state.stripped!
          state.keyed = false # ridges and remains: it is sanded before a coat
        end
      end
    end
  end
end
