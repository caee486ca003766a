# frozen_string_literal: true

module Core
  module Planning
    # How light a colour is: it decides the number of coats.
    module Tone
      LIMITS = { white: 0.8, pale: 0.45, mid: 0.12, dark: 0.02 }.freeze # least relative luminance; below: black (common practice, weak)
      NAMES = { white: "white", pale: "pale", mid: "mid", dark: "dark", black: "black" }.freeze

      extend self

      # colour: "#rrggbb" or nil. Returns :white, :pale, :mid, :dark, :black; nil is :mid.
      def of(colour)
        return :mid if colour.nil?

        light = luminance(colour)
        LIMITS.find { |_, least| light >= least }&.first || :black
      end

      # Relative luminance 0–1 (W3C, WCAG 2, sRGB; weights of ITU-R BT.709).
      def luminance(colour)
        red, green, blue = colour.delete("#").scan(/../).map do |part|
          share = part.hex / 255.0
          share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055)**2.4
        end
        (0.2126 * red) + (0.7152 * green) + (0.0722 * blue)
      end

      def light?(tone) = %i[white pale].include?(tone)
      def deep?(tone) = %i[dark black].include?(tone)
    end
  end
end
