# frozen_string_literal: true

module Core
  module Planning
    # How many coats (common practice, no source). Each answer is [number, why].
    module Coats
      WEAR = { "display" => "for display", "everyday" => "everyday", "hard" => "wet or hard use" }.freeze

      extend self

      # Paint by its tone against the tone under it.
      def paint(tone, under, primed: false, chalk: false)
        return pale_over_dark(tone, under, primed) if Tone.light?(tone) && Tone.deep?(under)
        return [3, "black needs three"] if tone == :black
        return [2, "dark covers in two"] if tone == :dark
        return [3, "white is the hardest to cover with"] if tone == :white
        return [3, "#{Tone::NAMES[tone]} over #{Tone::NAMES[under]}"] if Tone.deep?(under) || (chalk && tone == :pale)

        [2, "#{Tone::NAMES[tone]} over #{Tone::NAMES[under]}"]
      end

      # [number, why] of what somebody says against what is proposed.
      def said(number, proposed, why)
        return [proposed, why] if number.nil? || number == proposed

        risk = number < proposed ? "fewer may show what lies under" : "more takes longer to cure"
        [number, "#{number} by you, #{proposed} proposed (#{why}): #{risk}"]
      end

      # Clear coats by wear. top: tops wear more; builtin: the paint has its own clear coat; opaque: it lies on paint, which
      # wears less than open wood.
      def clear(wear, top: false, builtin: false, opaque: false)
        return [4, "wet or hard use"] if wear == "hard"
        return [0, "the paint has its own clear coat"] if builtin
        return [1, "for display"] if wear == "display"

        return [3, "tops take the most wear"] if top

        opaque ? [1, "everyday, over paint"] : [2, "everyday"]
      end

      # Primer: 1, 2 where bleed or odour comes through.
      def primer(blocks:) = blocks ? [2, "two where bleed or odour comes through"] : [1, "one is enough for grip"]

      private

      def pale_over_dark(tone, under, primed)
        words = "#{Tone::NAMES[tone]} over #{Tone::NAMES[under]}"
        primed ? [3, "#{words}, primed"] : [4, "#{words}, no primer"]
      end
    end
  end
end
