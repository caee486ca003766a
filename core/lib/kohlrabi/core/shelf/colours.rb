# frozen_string_literal: true

module Core
  module Shelf
    # The colours that can be chosen: the workshop's own first, then the palette; any other by its swatch. Two of one
    # swatch stay two: what is asked for is the colour, not its picture on a screen.
    class Colours
      include Refusing

      PALETTE = Core.table("shelf/colours").map { |row| Colour.new(**row, own: false).freeze }.freeze
      # Plain words for colours: {word => Colour}; several words may be one colour.
      WORDS = Core.table("shelf/color_words").flat_map do |row|
        colour = Colour.new(key: row[:words].first.tr(" ", "-"), name: row[:words].first, hex: row[:hex],
                            own: false).freeze
        row[:words].map { |word| [word, colour] }
      end.to_h.freeze
      HEX = /\A#\h{6}\z/

      BY_KEY = WORDS.values.to_h { |colour| [colour.key, colour] }.merge(PALETTE.to_h do |colour|
        [colour.key, colour]
      end).freeze

      PALETTE_KEYS = PALETTE.to_set(&:key).freeze

      # own: Enumerable of Colour, read when the first is asked for; gone: of those that were removed, which what was
      # painted with them keeps.
      def initialize(own = [], gone: [])
        @given = own
        @gone = gone
      end

      # Own ones by name, then the palette in its order, but for what the workshop calls so.
      def all = own.sort_by { |colour| fold(colour.name) } + palette

      # What it was given, to compare by.
      def said = [own, @gone.to_a]

      # Colour of a key, nil for nil. Raises Refusal.
      def fetch(key)
        return if key.nil?
        return Colour.new(key: key.downcase, hex: key.downcase, own: false) if HEX.match?(key)

        BY_KEY[key] || by_key[key] || refuse(:not_a_colour, given: key)
      end

      def hex(key) = fetch(key)&.hex

      # Key of what was typed or picked: a key, a name, or a swatch. A swatch that is one colour's alone is that colour.
      # Raises Refusal, with the name that comes nearest.
      def key(text)
        said = text.strip
        return said if PALETTE_KEYS.include?(said) || own.any? { |colour| colour.key == said }

        named = all.find { |colour| fold(colour.name) == fold(said) }
        return named.key if named
        return BY_KEY.fetch(said).key if BY_KEY.key?(said)
        return WORDS.fetch(fold(said)).key if WORDS.key?(fold(said))

        HEX.match?(said) ? of_swatch(said.downcase) : refuse_unknown(text)
      end

      # Refuses a name that the workshop has given already. but: key of the colour that is renamed.
      def unused!(name, but: nil)
        same = own.find { |colour| fold(colour.name) == fold(name) && colour.key != but } or return
        free = (2..).lazy.map { |number| "#{name.strip} #{number}" }.find do |other|
          own.none? do |colour|
            fold(colour.name) == fold(other)
          end
        end
        refuse(:colour_twice, field: :name, name: same.name, hex: same.hex, free: free)
      end

      private

      def own = @own ||= @given.to_a
      def by_key = @by_key ||= [*@gone, *own].to_h { |colour| [colour.key, colour] }

      def palette
        names = own.map { |colour| fold(colour.name) }
        PALETTE.reject { |colour| names.include?(fold(colour.name)) }
      end

      def of_swatch(hex)
        of_one = [own, palette].map { |some| some.select { |colour| colour.hex == hex } }.find(&:any?)
        of_one&.size == 1 ? of_one.first.key : hex
      end

      def refuse_unknown(text)
        near = DidYouMean::SpellChecker.new(dictionary: all.map(&:name) + WORDS.keys).correct(text).first
        near ? refuse(:colour_nearly, given: text, near: near) : refuse(:not_a_colour, given: text)
      end

      def fold(name) = name.strip.downcase
    end
  end
end
