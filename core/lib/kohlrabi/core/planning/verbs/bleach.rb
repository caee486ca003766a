# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Bleach, acid or a treatment that works on in the wood until it is rinsed off.
      class Bleach < Verb
        CHEMICALS = %w[acid chlorine].freeze

        def faults
          [(danger(:gas, "acid and chlorine together make toxic gas: clean water and full drying between them") if mixes?),
           *(task.phase == "bleach" ? open_wood : [])].compact
        end

        def leave
          state.chemical = chemical || state.chemical
          state.bleached = true
        end

        private

        def chemical = products.flat_map { |row| row[:cautions] }.map(&:to_s).find { |key| CHEMICALS.include?(key) }
        def mixes? = chemical && state.chemical && state.chemical != chemical
      end
    end
  end
end
