# frozen_string_literal: true

module Core
  module Planning
    module Judgements
      # Which product a finish is made with, in which colour, how much of it goes on the zone, and how its coats are
      # known again.
      module Materials
        # Row of the product of the finish: chosen, else the standard one of its kind; nil where the finish has none.
        def main_product
          return unless finish[:product]

          choice.product ? products.fetch(choice.product) : products.standard(finish[:product])
        end

        # The same in a colour; colour: key or nil.
        def material(colour = choice.colour) = main_product && products.coloured(main_product, colour)
        def tone_of(colour) = Tone.of(products.colours.hex(colour))

        # {material key => ml} on this zone.
        def amount(row, coats: 1, way: "brush", faces: zone.faces)
          { row[:key] => Shelf::Rates.millilitres(relieved.area * faces / 1_000_000.0, rate: row[:rate], coats: coats, way: way) }
        end

        # The finishes on the zone, as coats are known again by: finish, product, colour.
        def signatures = [signature, (under_signature if choice.undercolour)].compact
        def signature = [choice.finish, main_product && main_product[:key], choice.colour].join("|")
        def under_signature = ["under", main_product && main_product[:key], choice.undercolour].join("|")
      end
    end
  end
end
