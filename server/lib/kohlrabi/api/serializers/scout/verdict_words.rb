# frozen_string_literal: true

module Api
  module Serializers
    module Scout
      # Words and shapes that the answers of Scout share.
      module VerdictWords
        module_function

        # An estimate, or nil. unit: :money or :effort.
        def estimate(estimate, unit, formatter)
          return unless estimate

          said = ->(amount) { unit == :money ? formatter.money(amount) : formatter.effort((amount / 60.0).round * 60) }
          { low: said.call(estimate.low), likely: said.call(estimate.likely), high: said.call(estimate.high), mean: said.call(estimate.mean),
            source: estimate.source, n: estimate.n }
        end

        # What a piece fits through. carrying: Core::Scout::Carrying; rows: its rows.
        def fit(carrying, rows, formatter)
          said = rows.map do |row|
            { name: row.opening.name, kind: Core::Scout::Carrying::KINDS.fetch(row.opening.kind), whole: fits(row.whole, formatter), bare: fits(row.bare, formatter) }
          end
          { why: carrying.why, rows: said, caution: Core::Planning::Cautions.text(:lift, unit: formatter.workshop.length_unit) }
        end

        def fits(answer, formatter)
          return unless answer

          text = "yes, #{answer.way}"
          text = "no, by #{formatter.length(answer.short.ceil)} at its best (#{answer.way}); not straight, try tilted" unless answer.fits
          { fits: answer.fits, text: text }
        end

        # The caution of a single, with the figures behind it.
        def single(figures, formatter)
          return unless figures

          price = "less each"
          price = "about #{formatter.money(figures[:price])[:text]} instead of #{formatter.money(figures[:together])[:text]} each" if figures[:price]
          days = figures[:days] ? ", and about #{figures[:days]} days on the market" : ", and longer on the market"
          "Usually sells in pairs or sets. One alone brings #{price}#{days} (#{figures[:source]})."
        end

        # The drawing of its kind, by the measures that are known.
        def drawing(prospect, formatter)
          formatter.drawing(Records::Piece.new(prospect.slice("kind", "width_mm", "depth_mm", "height_mm", "leg_mm")))
        end

        # A spotted piece in a list or on Today.
        def row(scouting, formatter)
          prospect = scouting.prospect
          { id: prospect.id, title: prospect.title, kind: prospect.kind, source: prospect.source, state: prospect.state,
            state_text: Operations::Scout::Prospects::STATES.fetch(prospect.state), spotted_on: formatter.day(prospect.spotted_on),
            closed_on: formatter.day(prospect.closed_on),
            count: prospect.count, tag: formatter.money(prospect.tag_minor), most: formatter.money(scouting.most), verdict: scouting.verdict.key,
            text: scouting.verdict.text, reason: prospect.reason, drawing: drawing(prospect, formatter), face: face(prospect),
            due: scouting.due&.then { |on, why| { on: formatter.day(on), why: why } } }
        end

        # Address of its first photo, or nil.
        def face(prospect) = prospect.photos.first&.then { |photo| Flips::Photo.address(photo) }

        def due(scouting, on, why, formatter, today)
          { id: scouting.prospect.id, title: scouting.prospect.title, source: scouting.prospect.source,
            on: formatter.day(on), why: why, due: on <= today,
            tag: formatter.money(scouting.prospect.tag_minor) }
        end
      end
    end
  end
end
