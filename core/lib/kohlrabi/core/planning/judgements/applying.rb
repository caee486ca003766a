# frozen_string_literal: true

module Core
  module Planning
    module Judgements
      # How paint goes on, where, and how parts of two faces are turned (common practice, weak).
      module Applying
        TURN = 3 # minutes to turn a part onto points and take the brush up again
        CHANGE = 25 # minutes to clean the sprayer and fill it with another product, all being masked
        NOZZLE = 5 # minutes to clean the nozzle between coats
        TURNED = 120 # minutes at the least until a face may lie on points
        LARGE = 100_000 # mm² of a flat zone from which a roller pays

        # What somebody may ask for, with what that risks.
        WAYS = { "brush" => "brush", "roller" => "roller", "spray" => "sprayer" }.freeze
        RISKS = { "brush" => "it takes longer, and strokes may show", "roller" => "it leaves its texture, and does not reach into corners",
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
          return "brush" if relieved.grade == "hard" || (zone.trim? && !pays_to_spray?)
          return "spray" if pays_to_spray?
          return practices[:applying] unless practices[:applying] == "computed"

          relieved.grade == "flat" && zone.area >= LARGE ? "roller" : "brush"
        end

        # Clear coats follow the paint where that is sprayed, else by brush.
        def clear_way = sprayed? && (zone.grade != "hard" || choice.way) ? "spray" : "brush"

        # Minutes of cleaning the nozzle, where the sprayer is set up already: between coats, and for parts of two faces
        # that are sprayed in the session of the rest. after: whether another product was sprayed here before, so that
        # all is masked and only it changes.
        def nozzle(coat, way, after: false)
          return unless way == "spray"
          return NOZZLE if coat.positive? || set_up?

          CHANGE if after
        end

        # A primer is sprayed where the paint is, unless it says itself how it goes on.
        def primer_way = primer && primer.first[:by].nil? && sprayed? && relieved.grade != "hard" ? "spray" : "brush"

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
      end
    end
  end
end
