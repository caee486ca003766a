# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Books
        # Own history over again, as the contract has it.
        class WhatIfPage
          # say: Say; lens: Books::Lens.
          def initialize(say, lens)
            @say = say
            @lens = lens
          end

          # filled: percent of the freed hours, Integer.
          def without(by, trait, filled)
            found = Operations::Books::WhatIf.without(by, trait, Rational(filled, 100), @lens)
            { label: Operations::Books::Traits.label(by, trait), flips: found.flips, freed: @say.effort(found.freed), assumes: found.assumes,
              **%i[profit with pay pay_with].to_h { |name| [name, @say.money(found[name])] },
              made_up: found.made_up && percent(found.made_up), change: change(found.profit, found.with) }
          end

          # less, quicker: percent, Integer and decimal text.
          def cheaper(less, quicker)
            found = Operations::Books::WhatIf.cheaper(Rational(less, 100), Rational(quicker), @lens)
            { n: found.n, lost: @say.money(found.lost), days: days(found.days), won: @say.money(found.won), net: @say.money(found.net),
              needed: found.needed && "#{Core::Units::Numerals.text(found.needed, 1)}%", assumes: found.assumes,
              place_day: @say.money(Operations::Market::Sellings.place_day) }
          end

          ASSUMED = ["Each piece takes the days of work it took, with its waiting spread evenly between them.",
                     "A pair of hands is on one piece a day, and there on every day it is needed.",
                     "Each brings what your pieces brought on average, and buyers are found for all of them."].freeze

          def side_by_side(hands)
            rows, pieces, profit = Operations::Books::WhatIf.side_by_side(hands, @lens)
            { n: pieces, rows: rows.map { |row| side(row, profit) }, profit: @say.money(profit), assumes: ASSUMED }
          end

          private

          def side(row, profit)
            { at_once: row.at_once, days: row.days, a_year: Core::Units::Numerals.text(row.a_year, 1), idle: percent(row.idle),
              profit: @say.money(profit && (profit * row.a_year)) }
          end

          def change(profit, with) = profit && with && @say.money(profit - with)
          def days(days) = Core::Units::Numerals.text(days, days.denominator == 1 ? 0 : 1)
          def percent(share) = "#{Core::Units::Numerals.text(share * 100, 0)}%"
        end
      end
    end
  end
end
