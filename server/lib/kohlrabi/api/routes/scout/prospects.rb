# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      module Scout
        # Spotted pieces: the answer, the watch, the purchase, the card, the record of estimates.
        module Prospects
          def self.registered(app)
            app.helpers { define_method(:prospect) { |scouting| Serializers::Scout::ProspectPage.new(scouting, say).to_h } }
            prospects(app)
            steps(app)
            app.get("/api/scout/card") { json(Prospects.card(Operations::Scout::Card.rows, say)) }
            app.get("/api/scout/record") { json(Prospects.record(Operations::Scout::TrackRecord.answer, say)) }
          end

          def self.prospects(app)
            app.get("/api/prospects") do
              options = { view: params[:view], page: params[:page]&.to_i, query: params[:query] }.compact
              rows, total = Operations::Scout::Prospects.page(**options)
              json(rows: rows.map do |scouting|
                Serializers::Scout::VerdictWords.row(scouting, say)
              end, total: total, page: options.fetch(:page, 1), per: 40,
                   room: Operations::Scout::Rooms.answer.text)
            end
            app.post("/api/prospects/answer") { json(prospect(Operations::Scout::Prospects.answer(given))) }
            app.post("/api/prospects") { change(201) { prospect(Operations::Scout::Prospects.create(given)) } }
            app.get("/api/prospects/:id") { json(prospect(Operations::Scout::Prospects.find(params[:id]))) }
            app.patch("/api/prospects/:id") { change { prospect(Operations::Scout::Prospects.update(params[:id], given)) } }
            app.delete("/api/prospects/:id") { removal { Operations::Scout::Prospects.remove(params[:id]) } }
          end

          def self.steps(app)
            app.post("/api/prospects/:id/sightings") { change(201) { prospect(Operations::Scout::Prospects.see(params[:id], given)) } }
            app.delete("/api/sightings/:id") { removal { Operations::Scout::Prospects.forget(params[:id]) } }
            app.post("/api/prospects/:id/close") { change { prospect(Operations::Scout::Prospects.close(params[:id], given)) } }
            app.post("/api/prospects/:id/reopen") { change { prospect(Operations::Scout::Prospects.reopen(params[:id])) } }
            app.post("/api/prospects/:id/buy") { change(201) { Serializers::Flips::PieceName.present(Operations::Scout::Purchases.buy(params[:id], given), say) } }
          end

          def self.card(rows, say)
            workshop = say.workshop
            { date: say.day(Operations::House::WorkshopSettings.today), target_pay: say.money(workshop.target_pay_minor),
              conditions: Core::Scout::Conditions::ALL.map { |row| row.slice(:key, :label, :looks, :assumes) },
              rows: rows.map do |kind, cells|
                { kind: kind, source: cells.values.first.resale&.source, cells: cells.map { |key, scouting| cell(key, scouting, say) } }
              end }
          end

          def self.cell(key, scouting, say)
            { condition: key, most: say.money(scouting.most), why: scouting.answer.most.why }
          end

          def self.record(answer, say)
            { rows: answer.rows.map { |key, row| { key: key.to_s, n: row.n, text: row.text, spread: spread(row) } },
              flips: answer.flips.map { |flip| flip(flip, say) }, missed_total: answer.missed_total,
              missed: answer.missed.map { |scouting| missed(scouting, say) } }
          end

          # The middle half of the ratios, as percentages.
          def self.spread(row)
            row.lower && "#{(row.lower * 100).round}% to #{(row.upper * 100).round}%"
          end

          def self.flip(flip, say)
            prospect = flip.prospect
            { id: prospect.id, title: prospect.title, piece_id: prospect.pieces.first.id, resale: say.money(flip.resale),
              hours: say.effort(flip.hours),
              materials: say.money(flip.materials), paid: say.money(flip.paid), most: say.money(prospect.most_minor),
              expected_resale: say.money(prospect.expected_resale_minor), expected_hours: say.effort(prospect.expected_seconds),
              expected_materials: say.money(prospect.expected_materials_minor) }
          end

          # most and earned by the estimates of its time.
          def self.missed(scouting, say)
            prospect = scouting.prospect
            { id: prospect.id, title: prospect.title, state_text: Operations::Scout::Prospects::STATES.fetch(prospect.state),
              closed_on: say.day(prospect.closed_on),
              reason: prospect.reason, tag: say.money(prospect.tag_minor), most: say.money(prospect.most_minor),
              forgone: say.money(Operations::Scout::TrackRecord.forgone(prospect)) }
          end
        end
      end
    end
  end
end
