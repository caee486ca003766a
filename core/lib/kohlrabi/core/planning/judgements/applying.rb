# frozen_string_literal: true

module Core
  module Planning
    module Judgements
      # How paint goes on, where, and how parts of two faces are turned (common practice, weak).
      module Applying
        TURN = 3 # minutes to turn a part onto points and take the brush up again
        CHANGE = 25 # minutes to clean the sprayer and fill it with another product, all being masked
        AT_HAND = 2 # minutes to take up brush or roller that are laid out for the rest
        TURNED = 120 # minutes at the least until a face may lie on points
        LARGE = 100_000 # mm² of a flat zone from which a roller pays
        SMALL = 1.5 # m² to paint below which a piece is small
        SLOWER = 15/10r # times the area that a brush takes on a small piece, with so many edges on it

        # What somebody may ask for, with what that risks.
        WAYS = { "brush" => "brush", "roller" => "roller", "sponge" => "sponge or pad", "spray" => "sprayer" }.freeze
        RISKS = { "brush" => "it takes longer, and strokes may show", "roller" => "it leaves its texture, and does not reach into corners",
                  "sponge" => "coats are thin, so it may take one more",
                  "spray" => "setting up, masking and cleaning are counted, and mist goes everywhere" }.freeze

        # Trim is not rolled, whatever its face is.
        def way = choice.way && !(choice.way == "roller" && zone.trim?) ? choice.way : proposed_way

        # Why it goes on otherwise than proposed; nil where it does not.
        def way_said
          return if way == proposed_way

          "by #{WAYS.fetch(way)} as you say, #{WAYS.fetch(proposed_way)} proposed: #{RISKS.fetch(way)}" \
            "#{' (House rules say that there is no sprayer)' if way == 'spray' && practices[:sprayer] == 'no'}"
        end

        def proposed_way
          return "brush" if relieved.hard? || (zone.trim? && !pays_to_spray?)
          return "spray" if pays_to_spray?
          return practices[:applying] unless practices[:applying] == "computed"

          rolled? ? "roller" : "brush"
        end

        # Clear coats follow the paint where that is sprayed; else they go on as somebody says for a clear finish, by
        # sponge, or by brush where a solvent would eat it or a carving wants it.
        def clear_way(row)
          return "spray" if sprayed? && (!zone.hard? || choice.way)
          return choice.way if choice.way && Judgements::ClearCoats::CLEAR.include?(choice.finish)

          row[:base] == "solvent" || relieved.grade == "detailed" ? "brush" : "sponge"
        end

        # Fixed minutes of a coat that differ from those of its way: turning a second face; what is laid out for the
        # rest already; for the sprayer, cleaning the nozzle between coats, and moving and turning each piece. after:
        # whether another product was sprayed here before, so that all is masked and only it changes.
        def fixed(coat, way, face, after: false)
          return sprayer(coat, face, after) if way == "spray"

          turning(face) || (AT_HAND if set_up?)
        end

        # A primer goes on by roller, with a brush for corners, trim and details; it is sprayed where the paint is,
        # unless it says itself how it goes on.
        def primer_way
          return "spray" if primer && primer.first[:by].nil? && sprayed? && !relieved.hard?

          relieved.hard? || zone.trim? || %w[curved detailed].include?(relieved.grade) ? "brush" : "roller"
        end

        # m² of one face that a coat is reckoned by.
        def coat_area(way)
          small = brief.painted_area / Repeats.count(brief.zones) < SMALL
          relieved.area / 1_000_000.0 * (way == "brush" && small ? SLOWER : 1)
        end

        # A roller is for what is large and flat, for open insides and for shelves.
        def rolled?
          return true if zone.open || zone.group == "shelves"

          relieved.grade == "flat" && zone.area >= LARGE
        end

        def set_up? = zone.faces > 1 && brief.zones.any? { |other| other.faces == 1 && brief.choice(other) == choice }
        def where(way) = way == "spray" ? booth : "bench"

        # As somebody says for the zone, else where it pays.
        def sprayed? = choice.way ? choice.way == "spray" : pays_to_spray?

        # By the house's way, or where the whole piece pays for setting a sprayer up: never for a small part by
        # itself.
        def pays_to_spray?
          return practices[:applying] == "spray" unless practices[:applying] == "computed"

          practices[:sprayer] == "yes" && brief.painted_area > Shelf::Rates.spray_break_even
        end

        # Without a tent one sprays outdoors.
        def booth = brief.tent ? "tent" : "outdoors"

        # Each face of a two-sided part, with a wait and a turn between: yields the ending of the key, words, and
        # place in the order.
        def each_face
          return yield("", "", 0) if zone.faces == 1

          yield("/face1", ", first face", 0)
          yield("/face2", ", turned, second face", 1)
        end

        # Minutes until the next coat, or until a part may be turned.
        def until_turned(row, face) = face.end_with?("1") ? [row[:recoat], TURNED].max : row[:recoat]

        # Minutes of turning, for the second face.
        def turning(face) = (TURN if face.end_with?("2"))

        private

        def sprayer(coat, face, after)
          row = Shelf::Rates.of(:spray)
          return turning(face) + row[:between] if turning(face)
          return AT_HAND if set_up?

          around = if coat.positive? then row[:between]
                   else after ? CHANGE : row[:fixed]
                   end
          around + (row[:piece] * Repeats.count(brief.zones))
        end
      end
    end
  end
end
