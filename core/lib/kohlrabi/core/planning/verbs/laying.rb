# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # A coat of paint.
      class Coat < Verb
        def faults = [*under_a_coat, *no_grip, fills].compact
        def leave = state.lay(:paint, colour)

        private

        # Chalk-style paint holds on what it is brushed on, as it says itself.
        def no_grip
          return [] if state.keyed || product&.dig(:chalk)

          [craft(:no_grip, "it slides on a glossy finish: scuff it until it is dull all over")]
        end

        def fills
          return if state.fill.nil? || state.fill == :sealed || state.new?(:primer, :paint)

          craft(:open_fill, "a fill that is not sealed shows through it as a dull spot: level and spot-seal it first")
        end
      end

      # A primer under paint.
      class Prime < Verb
        def faults
          raw = craft(:raw_fill, "the filler is not levelled yet: sand it flat first") if state.fill == :raw
          [*under_a_coat, raw, slides].compact
        end

        def leave
          state.fill &&= :sealed
          state.lay(:primer, colour)
        end

        private

        def slides
          return if state.keyed || product&.dig(:grips)

          craft(:no_grip,
                "it slides on a slick or glossy finish: scuff it, or take a bonding primer")
        end
      end

      # A clear coat, tinted or not.
      class Clear < Verb
        def faults
          unless state.keyed
            slides = craft(:no_grip,
                           "it slides on a glossy finish: scuff it until it is dull all over")
          end
          [*under_a_coat, slides].compact
        end

        def leave = state.lay(:clear)
      end

      # Stain in open wood.
      class Stain < Verb
        def faults = [*under_a_coat, *open_wood]
        def leave = state.lay(:stain, colour)
      end

      # Paint thinned to a wash on open wood.
      class ThinWash < Verb
        def faults = [*under_a_coat, *open_wood]
        def leave = state.lay(:wash, colour)
      end

      # Oil into open wood; a second coat over the first.
      class Oil < Verb
        def faults = [*under_a_coat, *(state.new?(:oil) ? [] : open_wood)]
        def leave = state.lay(:oil)
      end

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

      # Wax over anything clean and dry, itself too.
      class Wax < Verb
        def faults = state.dirt ? [craft(:on_dirt, "it goes on dirt: wash and rinse first")] : []
        def leave = state.lay(:wax)
      end

      # Paper pasted on.
      class Hang < Verb
        def faults = under_a_coat
        def leave = state.lay(:paper)
      end

      # Sealing fills by themselves.
      class Seal < Verb
        def faults = state.fill == :raw ? [craft(:raw_fill, "the filler is not levelled yet: sand it flat first")] : []
        def leave = state.fill && state.fill = :sealed
      end

      # Filling: holds on what is clean.
      class Fill < Verb
        def faults = state.wax ? [craft(:on_wax, "filler does not hold on wax: take it off first")] : []
        def leave = state.fill = :raw
      end
    end
  end
end
