# frozen_string_literal: true

module Core
  module Planning
    module Judgements
      # How many clear coats a zone takes by its wear, and whether they are tinted (common practice, no source).
      module ClearCoats
        CLEAR = %w[clear tinted].freeze
        WITHOUT = %w[leave undecided bare oil wax].freeze # finishes that take no clear coat

        # [number of clear coats, why]; the paint's own counts unless it was thinned to a wash.
        def clear_coats
          return [0, "left as it is"] if WITHOUT.include?(choice.finish)
          return [0, "wax seals it"] if choice.over&.include?("wax") && !CLEAR.include?(choice.finish)

          builtin = choice.finish == "paint" && main_product[:builtin]&.include?("clear")
          number, why = Coats.clear(choice.wear || brief.look.wear, top: zone.role == "top", builtin: builtin,
                                                                    opaque: choice.finish == "paint")
          return Coats.said(choice.coats, number, why) if CLEAR.include?(choice.finish)

          builtin && !number.zero? ? [number, "#{why}, beyond what the paint brings"] : [number, why]
        end

        # Whether dark paint lies under it: then it is tinted with that paint.
        def clear_over_dark?
          choice.finish == "paint" && Tone.deep?(tone_of(choice.colour)) && clear_coats.first.positive?
        end

        DECORATED = %w[stencil metallic].freeze # what a tint would dull

        def tint?
          return false if choice.over&.intersect?(DECORATED) || brief.failed?("try-tint")

          choice.finish == "tinted" || clear_over_dark?
        end
      end
    end
  end
end
