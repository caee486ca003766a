# frozen_string_literal: true

module Api
  module Serializers
    module Scout
      # Words and shapes that the answers of Scout share.
      module VerdictWords
        extend self

        # An estimate, or nil. unit: :money or :effort.
        def estimate(estimate, unit, formatter)
          return unless estimate

          said = ->(amount) { unit == :money ? formatter.about(amount) : formatter.estimate((amount / 60.0).round * 60) }
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
          text = "Too big by #{formatter.length(answer.short.ceil)}, even #{answer.way}. Try tilting it." unless answer.fits
          { fits: answer.fits, text: text }
        end

        # The caution of a single, with the figures behind it.
        def single(figures, formatter)
          return unless figures

          price = "less each"
          if figures[:price]
            price = "about #{formatter.amounts.about(figures[:price])} instead of #{formatter.amounts.about(figures[:together])} " \
                    "each"
          end
          days = figures[:days] ? ", and takes about #{Core::Units::Calendar.about(figures[:days])} to sell" : ", and takes longer to sell"
          "These usually sell in pairs or sets. One alone brings #{price}#{days} (#{figures[:source]})."
        end

        # The drawing of its kind, by the measures that are known.
        def drawing(prospect, formatter)
          measured = prospect.slice("kind", "width_mm", "depth_mm", "height_mm", "leg_mm")
          formatter.drawing(Operations::Planning::Drawing.view(Records::Piece.new(measured)))
        end

        # A spotted piece in a list or on Today.
        def row(scouting, formatter)
          prospect = scouting.prospect
          { id: prospect.id, title: prospect.title, kind: prospect.kind, source: prospect.source, state: prospect.state,
            state_text: Operations::Scout::Prospects::STATES.fetch(prospect.state), spotted_on: formatter.day(prospect.spotted_on),
            closed_on: formatter.day(prospect.closed_on),
            count: prospect.count, tag: formatter.price(prospect.tag_minor), most: formatter.at_most(scouting.most), verdict: scouting.verdict.key,
            text: scouting.verdict.text, reason: prospect.reason, drawing: drawing(prospect, formatter), face: face(prospect),
            due: scouting.due&.then { |on, why| { on: formatter.day(on), why: why } } }
        end

        # Address of its first photo, or nil.
        def face(prospect) = prospect.photos.first&.then { |photo| Flips::Photo.address(photo) }

        def due(scouting, on, why, formatter, today)
          { id: scouting.prospect.id, title: scouting.prospect.title, source: scouting.prospect.source,
            on: formatter.day(on), why: why, due: on <= today,
            tag: formatter.price(scouting.prospect.tag_minor) }
        end
      end

      # The whole answer about a spotted piece, as the contract's Prospect. Works for one that is not stored, too.
      class ProspectPage < Support::Page
        TEXTS = %w[name kind source condition notes cut_basis cut_size].freeze
        MONEY = %w[tag trip delivery standing resale_low resale_likely resale_high materials_low materials_likely
                   materials_high].freeze
        LENGTHS = %w[width depth height leg].freeze

        shows :fields, :watch, :before, :condition, :estimates
        %i[id lock_version title state reason].each { |name| attribute(name) { @prospect.public_send(name) } }
        attribute(:state_text) { Operations::Scout::Prospects::STATES.fetch(@prospect.state) }
        attribute(:closed_on) { @formatter.day(@prospect.closed_on) }
        attribute(:drawing) { VerdictWords.drawing(@prospect, @formatter) }
        attribute(:verdict) do
          verdict = @scouting.verdict
          { key: verdict.key, text: verdict.text, short: verdict.short, changes: verdict.changes,
            doubt: verdict.doubt, missing: verdict.missing }
        end
        attribute(:figures) { figures.map { |figure| @formatter.figure(figure) } }
        attribute(:tag) { @formatter.price(@prospect.tag_minor) }
        attribute(:tape) { @formatter.tape(@scouting.tape) }
        attribute(:single) { VerdictWords.single(@scouting.single, @formatter) }
        attribute(:cautions) { @scouting.cautions }
        attribute(:photos) { Flips::Photo.present(@prospect.photos, @formatter) }
        attribute(:pieces) { Flips::PieceName.present(@prospect.pieces, @formatter) }

        # scouting: Scout::Verdicts; formatter: Formatter.
        def initialize(scouting, formatter)
          super
          @scouting = scouting
          @prospect = scouting.prospect
          @before = Operations::Scout::BeforeBuying.new(scouting)
        end

        private

        def figures
          found = @scouting.answer
          [found.most, found.walk_away, found.net_resale, found.profit, found.pay, found.chance]
        end

        def estimates
          { resale: VerdictWords.estimate(@scouting.resale, :money, @formatter), hours: VerdictWords.estimate(@scouting.hours, :effort, @formatter),
            materials: VerdictWords.estimate(@scouting.materials, :money, @formatter) }
        end

        def condition = @scouting.condition.slice(:label, :looks, :assumes)

        # Each field as it would be typed.
        def fields
          TEXTS.to_h { |name| [name, @prospect[name].to_s] }.merge(
            MONEY.to_h { |name| [name, @formatter.typed_money(@prospect["#{name}_minor"])] },
            LENGTHS.to_h { |name| [name, @formatter.typed_length(@prospect["#{name}_mm"])] },
            Operations::Scout::Verdicts::POINTS.to_h do |point|
              ["hours_#{point}", typed_hours(@prospect["hours_#{point}_seconds"])]
            end,
            %w[spotted_on next_cut_on remind_on].to_h { |name| [name, @prospect[name]&.iso8601.to_s] },
            "count" => @prospect.count.to_s, "cut_every" => @prospect.cut_every.to_s, "added" => Operations::Support::Percent.text(@prospect.added_hundredths).to_s,
            "checks" => Operations::Scout::Prospects::CHECKS.to_h { |name| [name, (@prospect.checks || {})[name].to_s] }
          )
        end

        # Hours in decimals: "7.5".
        def typed_hours(seconds)
          seconds ? Core::Units::Numerals.plain(Rational(seconds, 3600), 2).sub(/\.?0+\z/, "") : ""
        end

        def watch
          forecast = @scouting.forecast
          decision = @scouting.wait_or_buy
          gone = @scouting.gone
          due = @scouting.due
          { sightings: sightings, rule: forecast&.rule&.then do |rule|
            "#{rule.text(@formatter.workshop.money)} (#{rule.source})"
          end,
            why: forecast ? forecast.why : "no tag price yet", remarks: forecast ? forecast.sightings.remarks(@formatter.workshop.money) : [],
            points: points(forecast, decision), decision: decision && { key: decision.key, text: decision.text(@formatter.workshop.money) },
            gone: "#{(gone.weekly * 100).round}% a week (#{gone.source})", due: due && { on: @formatter.day(due[0]), why: due[1] },
            reaches: reaches(forecast) }
        end

        def sightings
          if @prospect.persisted?
            @prospect.sightings.map do |row|
              { id: row.id, on: @formatter.day(row.seen_on), tag: @formatter.price(row.tag_minor) }
            end
          else
            []
          end
        end

        # The days ahead with tag, chance to be there and worth; as many as decide something.
        def points(forecast, decision)
          return [] unless forecast&.rule

          (decision&.choices || []).first(shown(decision)).map do |choice|
            { on: @formatter.day(choice.on), tag: @formatter.price(choice.tag), there: "#{(choice.chance * 100).round}%",
              worth: (@formatter.about(choice.worth.round) if choice.worth.positive?),
              best: choice == decision.best }
          end
        end

        # As many days as it takes to see the best one and what comes after it.
        def shown(decision)
          best = decision&.best && decision.choices.index(decision.best)
          (best.to_i + 3).clamp(6, 20)
        end

        def reaches(forecast)
          most = @scouting.most
          return unless forecast&.rule && most

          point = forecast.reaches(most)
          return "not in the next months" unless point

          return "now" if point.on <= Operations::Support::Workshop.today

          "#{Core::Units::Calendar.text(point.on)}, at #{@formatter.amounts.price(point.tag)}"
        end

        def before
          height = @before.height
          core = @before.core
          { fit: VerdictWords.fit(*@before.carrying, @formatter), use: @before.use, height: height && height_text(height),
            core: core && { text: "#{core[:label].sub(/\A./, &:upcase)}: #{core[:cut]}.", wrong: core[:wrong] }, hardware: hardware,
            room: Operations::Scout::Rooms.answer(@scouting.histories).text }
        end

        def height_text(height)
          range = [@formatter.typed_length(height.range.first), @formatter.length(height.range.last)].join("–")
          word = if height.off.zero? then "the right height"
                 else "#{@formatter.length(height.off.abs)} too #{height.off.negative? ? 'low' : 'high'}"
                 end
          { text: "As a #{height.label} it's #{word}. Usual is #{range}, #{height.why}.", wrong: !height.off.zero? }
        end

        def hardware
          set = @before.hardware or return
          return { complete: true, ways: [] } if set.complete?

          { complete: false, ways: set.ways.map { |way| way(way, set.cheapest) } }
        end

        def way(way, cheapest)
          { key: way.key.to_s, label: way.label, money: @formatter.about(way.money),
            effort: @formatter.estimate(way.seconds), total: @formatter.about(way.total),
            why: way.why, note: way.note, best: way.key == cheapest }
        end
      end
    end
  end
end
