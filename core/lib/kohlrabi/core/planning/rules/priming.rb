# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # The primer that findings, the look or the house ask for, sanded lightly.
      class Prime < Rule
        rule "Prime",
             on: "bleed, odour, silicone, oil, a slick or sealed-in surface under paint, or the look or the house asks",
             why: "one primer does all that is asked for: never two for two reasons"

        def applies? = finished? && !primer.nil?

        def plan
          row, coats, = primer
          coats.times { |coat| each_face { |face, word, turn| coat(row, coat, face, word, turn) } }
          add(:sand_prime, key: "sand-prime#{recoat_suffix}", seq: 95, grits: [220])
        end

        private

        def coat(row, coat, face, word, turn)
          _, coats, why = primer
          add(:prime, of: row, key: "prime/#{row[:key]}/#{coat + 1}#{recoat_suffix}#{face}",
                      area: coat_area(primer_way), seq: (coat * 10) + turn,
                      words: { with: "#{row[:label]}#{", coat #{coat + 1}" if coats > 1}#{grey}#{tool(row)}#{word}" },
                      materials: amount(row, faces: 1, way: primer_way), rate: primer_way, place: where(primer_way),
                      cautions: primer_way == "spray" ? %w[spray] : [],
                      wait: until_turned(row, face), wait_why: "#{row[:label]}, recoat", why: why,
                      touch: row[:touch], way: primer_way, fixed: fixed(coat, primer_way, face))
        end

        # Some primers say what they are put on with.
        def tool(row) = (", by #{row[:by]}" if row[:by])
        def grey = Tone.deep?(tone) ? ", tinted grey" : ""
      end

      # Fills that no primer covers are sealed by themselves, after the last sanding.
      class SealFills < Rule
        rule "Seal the fills",
             on: "a filled zone is painted without a primer",
             why: "bare filler drinks paint and shows as a dull spot"

        def applies? = finished? && primer.nil? && family == "opaque" && filled?

        def plan
          row = blocking
          add(:spot_seal, of: row, key: "spot-seal#{recoat_suffix}", materials: { row[:key] => 10 },
                          wait: row[:recoat])
        end
      end

      # What nobody here has used yet is tried on a hidden spot first.
      class TryNewProduct < Rule
        rule "Try what is new",
             on: "a product of the workshop's own that was not used before with success",
             why: "nobody here has used it yet"
        STOP = 20 # minutes after which it is given up

        def applies?
          row = main_product
          finished? && row && row[:like] && brief.experiences.none? { |one| one.product == row[:key] && one.worked }
        end

        def plan
          row = main_product
          add(:try_product, of: row, key: "try-product/#{row[:key]}", seq: 5, wait: row[:recoat] || 0,
                            try: { product: row[:key], stop: STOP, fallback: products.standard(row[:kind])[:label] })
        end
      end
    end
  end
end
