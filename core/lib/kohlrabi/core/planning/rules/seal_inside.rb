# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # The inside is sealed with the primer that holds back what is in it.
      class SealInside < PieceRule
        rule "Seal the inside",
             on: "the look seals the inside",
             why: "smell and stains stay in"
        SEALED = %w[leave paint paper].freeze # finishes of an inside that may lie on a sealer
        MINUTES = 10 # a square metre

        def applies? = look.inside == "sealed"

        # What is seen inside and has a finish of its own that wants open wood is not sealed under it.
        def plan
          within.select do |zone|
            SEALED.include?(brief.choice(zone).finish)
          end.each { |zone| seal(zone, Course.new(zone, brief).holding_back) }
        end

        private

        def seal(zone, row)
          add(:seal_inside, [zone], words: { with: row[:label] },
                                    minutes: MINUTES * zone.square_metres * zone.factor, wait: row[:handle],
                                    cautions: row[:cautions],
                                    materials: { row[:key] => Shelf::Rates.millilitres(zone.square_metres,
                                                                                       rate: row[:rate]) })
        end
      end
    end
  end
end
