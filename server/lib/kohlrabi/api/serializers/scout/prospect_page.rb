# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Scout
        # The whole answer about a spotted piece, as the contract's Prospect. Works for one that is not stored, too.
        class ProspectPage < Support::Page
          TEXTS = %w[name kind source condition notes cut_basis cut_size].freeze
          MONEY = %w[tag trip delivery standing resale_low resale_likely resale_high materials_low materials_likely materials_high].freeze
          LENGTHS = %w[width depth height leg].freeze

          shows :fields, :watch, :before, :condition, :estimates
          %i[id lock_version title state reason].each { |name| attribute(name) { @prospect.public_send(name) } }
          attribute(:state_text) { Operations::Scout::Prospects::STATES.fetch(@prospect.state) }
          attribute(:closed_on) { @say.day(@prospect.closed_on) }
          attribute(:drawing) { VerdictWords.drawing(@prospect, @say) }
          attribute(:verdict) do
            verdict = @scouting.verdict
            { key: verdict.key, text: verdict.text, changes: verdict.changes }
          end
          attribute(:figures) { figures.map { |figure| @say.figure(figure) } }
          attribute(:tape) { @say.tape(@scouting.tape) }
          attribute(:single) { VerdictWords.single(@scouting.single, @say) }
          attribute(:cautions) { @scouting.cautions }
          attribute(:photos) { Flips::Photo.present(@prospect.photos, @say) }
          attribute(:pieces) { Flips::PieceName.present(@prospect.pieces, @say) }

          # scouting: Scout::Verdicts; say: Say.
          def initialize(scouting, say)
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
            { resale: VerdictWords.estimate(@scouting.resale, :money, @say), hours: VerdictWords.estimate(@scouting.hours, :effort, @say),
              materials: VerdictWords.estimate(@scouting.materials, :money, @say) }
          end

          def condition = @scouting.condition.slice(:label, :looks, :assumes)

          # Each field as it would be typed.
          def fields
            TEXTS.to_h { |name| [name, @prospect[name].to_s] }.merge(
              MONEY.to_h { |name| [name, @say.typed_money(@prospect["#{name}_minor"])] },
              LENGTHS.to_h { |name| [name, @say.typed_length(@prospect["#{name}_mm"])] },
              Operations::Scout::Verdicts::POINTS.to_h { |point| ["hours_#{point}", typed_hours(@prospect["hours_#{point}_seconds"])] },
              %w[spotted_on next_cut_on remind_on].to_h { |name| [name, @prospect[name]&.iso8601.to_s] },
              "count" => @prospect.count.to_s, "cut_every" => @prospect.cut_every.to_s, "added" => Operations::Support::Percent.text(@prospect.added_hundredths).to_s,
              "checks" => Operations::Scout::Prospects::CHECKS.to_h { |name| [name, (@prospect.checks || {})[name].to_s] }
            )
          end

          # Hours in decimals: "7.5".
          def typed_hours(seconds) = seconds ? Core::Units::Numerals.plain(Rational(seconds, 3600), 2).sub(/\.?0+\z/, "") : ""

          def watch
            forecast = @scouting.forecast
            decision = @scouting.wait_or_buy
            gone = @scouting.gone
            due = @scouting.due
            { sightings: sightings, rule: forecast&.rule&.then { |rule| "#{rule.text(@say.workshop.money)} (#{rule.source})" },
              why: forecast ? forecast.why : "no tag seen yet", remarks: forecast ? forecast.sightings.remarks(@say.workshop.money) : [],
              points: points(forecast, decision), decision: decision && { key: decision.key, text: decision.text(@say.workshop.money) },
              gone: "#{(gone.weekly * 100).round}% a week: #{gone.source}", due: due && { on: @say.day(due[0]), why: due[1] },
              reaches: reaches(forecast) }
          end

          def sightings
            @prospect.persisted? ? @prospect.sightings.map { |row| { id: row.id, on: @say.day(row.seen_on), tag: @say.money(row.tag_minor) } } : []
          end

          # The days ahead with tag, chance to be there and worth; as many as decide something.
          def points(forecast, decision)
            return [] unless forecast&.rule

            (decision&.choices || []).first(shown(decision)).map do |choice|
              { on: @say.day(choice.on), tag: @say.money(choice.tag), there: "#{(choice.chance * 100).round}%",
                worth: (@say.money(choice.worth.round) if choice.worth.positive?),
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
            return "never, as far as can be foreseen" unless point

            return "now" if point.on <= Operations::House::WorkshopSettings.today

            "#{Core::Units::Calendar.text(point.on)}, at #{@scouting.money(point.tag)}"
          end

          def before
            height = @before.height
            core = @before.core
            { fit: VerdictWords.fit(*@before.carrying, @say), use: @before.use, height: height && height_text(height),
              core: core && { text: "#{core[:label].sub(/\A./, &:upcase)}: #{core[:cut]}.", wrong: core[:wrong] }, hardware: hardware,
              room: Operations::Scout::Rooms.answer(@scouting.histories).text }
          end

          def height_text(height)
            range = height.range.map { |side| @say.length(side) }.join(" to ")
            word = if height.off.zero? then "right"
                   else "#{@say.length(height.off.abs)} too #{height.off.negative? ? 'low' : 'high'}"
                   end
            { text: "As #{height.label} it is #{word}: usual is #{range}, #{height.why}.", wrong: !height.off.zero? }
          end

          def hardware
            set = @before.hardware or return
            return { complete: true, ways: [] } if set.complete?

            { complete: false, ways: set.ways.map { |way| way(way, set.cheapest) } }
          end

          def way(way, cheapest)
            { key: way.key.to_s, label: way.label, money: @say.money(way.money), effort: @say.effort(way.seconds), total: @say.money(way.total),
              why: way.why, note: way.note, best: way.key == cheapest }
          end
        end
      end
    end
  end
end
