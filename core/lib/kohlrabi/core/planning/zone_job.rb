# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      # Base of what is planned for one zone: gathers its tasks.
      class ZoneJob
        TURNED = 120 # minutes at the least until a face may lie on points (common practice, no source)

        attr_reader :tasks

        # zone: Shape::Zone; brief: Brief; choice: Choice (the brief's, or one of several options of an undecided zone).
        def initialize(zone, brief, choice = brief.choice(zone))
          @zone = zone
          @brief = brief
          @choice = choice
          @tasks = []
        end

        private

        attr_reader :zone, :brief, :choice

        def surface = @surface ||= brief.surface(zone, signatures)
        def practices = brief.practices
        def products = brief.products
        def finish = @finish ||= Finishes.fetch(choice.finish)
        def family = finish[:family]

        # Ending of keys that must be told from those of an earlier look.
        def recoat_suffix = surface.recoat_suffix

        # See Tasks.make; of: row of a product, whose label and cautions go along.
        def add(name, of: nil, words: {}, cautions: [], **rest)
          words = { with: of[:label] }.merge(words) if of
          @tasks << Tasks.make(name, zone, words: words, cautions: of ? of[:cautions] + cautions : cautions, **rest)
        end

        # The product of the finish in a colour; colour: key or nil.
        def material(colour = choice.colour) = main_product && products.coloured(main_product, colour)
        def tone_of(colour) = Tone.of(products.colours.hex(colour))

        # {material key => ml} on this zone.
        def amount(row, coats: 1, way: "brush", faces: zone.faces)
          { row[:key] => Shelf::Rates.millilitres(zone.area * faces / 1_000_000.0, rate: row[:rate], coats: coats, way: way) }
        end

        # Whether it is filled, here or where its pulls were.
        def filled? = Hardware.fills?(brief, zone) || treated?("fill")

        # Whether a finding on it is treated in one of these phases.
        def treated?(*phases) = surface.findings.any? { |finding| finding.treatments(family).any? { |row| phases.include?(row[:phase]) } }

        # The finishes on the zone, as coats are known again by: finish, product, colour.
        def signatures = [signature, (under_signature if choice.undercolour)].compact
        def signature = [choice.finish, main_product && main_product[:key], choice.colour].join("|")
        def under_signature = ["under", main_product && main_product[:key], choice.undercolour].join("|")

        # The product of the finish: chosen, else the standard one of its kind; nil where the finish has none.
        def main_product
          return unless finish[:product]

          choice.product ? products.fetch(choice.product) : products.standard(finish[:product])
        end

        # Minutes until the next coat, or until a part may be turned.
        def until_turned(row, face) = face.end_with?("1") ? [row[:recoat], TURNED].max : row[:recoat]

        # Each face of a two-sided part, with a wait and a turn between: yields the ending of the key, words, and place in the order.
        def each_face
          return yield("", "", 0) if zone.faces == 1

          yield("/face1", ", first face", 0)
          yield("/face2", ", turned, second face", 1)
        end
      end
    end
  end
end
