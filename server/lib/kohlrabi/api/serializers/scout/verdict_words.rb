# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Scout
        # Words and shapes that the answers of Scout share.
        module VerdictWords
          module_function

          # An estimate, or nil. unit: :money or :effort.
          def estimate(estimate, unit, say)
            return unless estimate

            said = ->(amount) { unit == :money ? say.money(amount) : say.effort((amount / 60.0).round * 60) }
            { low: said.call(estimate.low), likely: said.call(estimate.likely), high: said.call(estimate.high), mean: said.call(estimate.mean),
              source: estimate.source, n: estimate.n }
          end

          # What a piece fits through. carrying: Core::Scout::Carrying; rows: its rows.
          def fit(carrying, rows, say)
            said = rows.map do |row|
              { name: row.passage.name, kind: Core::Scout::Carrying::KINDS.fetch(row.passage.kind), whole: fits(row.whole, say), bare: fits(row.bare, say) }
            end
            { why: carrying.why, rows: said, caution: Core::Planning::Cautions.text(:lift, unit: say.workshop.length_unit) }
          end

          def fits(answer, say)
            return unless answer

            text = "yes, #{answer.way}"
            text = "no, by #{say.length(answer.short.ceil)} at its best (#{answer.way}); not straight, try tilted" unless answer.fits
            { fits: answer.fits, text: text }
          end

          # The caution of a single, with the figures behind it.
          def single(figures, say)
            return unless figures

            price = "less each"
            price = "about #{say.money(figures[:price])[:text]} instead of #{say.money(figures[:together])[:text]} each" if figures[:price]
            days = figures[:days] ? ", and about #{figures[:days]} days on the market" : ", and longer on the market"
            "Usually sells in pairs or sets. One alone brings #{price}#{days} (#{figures[:source]})."
          end

          # The drawing of its kind, by the measures that are known.
          def drawing(prospect, say)
            say.drawing(Records::Piece.new(prospect.slice("kind", "width_mm", "depth_mm", "height_mm", "leg_mm")))
          end

          # A spotted piece in a list or on Today.
          def row(scouting, say)
            prospect = scouting.prospect
            { id: prospect.id, title: prospect.title, kind: prospect.kind, source: prospect.source, state: prospect.state,
              state_text: Operations::Scout::Prospects::STATES.fetch(prospect.state), spotted_on: say.day(prospect.spotted_on),
              closed_on: say.day(prospect.closed_on),
              count: prospect.count, tag: say.money(prospect.tag_minor), most: say.money(scouting.most), verdict: scouting.verdict.key,
              text: scouting.verdict.text, reason: prospect.reason, drawing: drawing(prospect, say), face: face(prospect),
              due: scouting.due&.then { |on, why| { on: say.day(on), why: why } } }
          end

          # Address of its first photo, or nil.
          def face(prospect) = prospect.photos.first&.then { |photo| Flips::Photo.address(photo) }

          def due(scouting, on, why, say, today)
            { id: scouting.prospect.id, title: scouting.prospect.title, source: scouting.prospect.source, on: say.day(on), why: why, due: on <= today,
              tag: say.money(scouting.prospect.tag_minor) }
          end
        end
      end
    end
  end
end
