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
                      area: relieved.area / 1_000_000.0, seq: (coat * 10) + turn,
                      words: { with: "#{row[:label]}#{", coat #{coat + 1}" if coats > 1}#{grey}#{tool(row)}#{word}" },
                      materials: amount(row, faces: 1, way: primer_way), rate: primer_way, place: where(primer_way),
                      cautions: primer_way == "spray" ? %w[spray] : [],
                      wait: until_turned(row, face), wait_why: "#{row[:label]}, recoat", why: why,
                      touch: row[:touch], way: primer_way, fixed: turning(face) || nozzle(coat, primer_way))
        end

        # Some primers say what they are put on with.
        def tool(row) = (", by #{row[:by]}" if row[:by])
        def grey = Tone.deep?(tone) ? ", tinted grey" : ""
      end
    end
  end
end
