# frozen_string_literal: true

module Api
  module Routes
    module Scout
      # Spotted pieces: the answer, the watch, the purchase, the card, the record of estimates.
      module Prospects
        def self.registered(app)
          app.helpers { define_method(:prospect) { |scouting| Serializers::Scout::ProspectPage.new(scouting, formatter).to_h } }
          prospects(app)
          steps(app)
          app.get("/api/scout/card") { json(Prospects.card(Operations::Scout::Card.rows, formatter)) }
          app.get("/api/scout/record") { json(Prospects.record(Operations::Scout::TrackRecord.answer, formatter)) }
        end

        def self.prospects(app)
          app.get("/api/prospects") do
            options = { view: params[:view], page: params[:page]&.to_i, query: params[:query] }.compact
            rows, total = Operations::Scout::Prospects.page(**options)
            json(rows: rows.map do |scouting|
              Serializers::Scout::VerdictWords.row(scouting, formatter)
            end, total: total, page: options.fetch(:page, 1), per: 40,
                 room: Operations::Scout::Rooms.answer.text)
          end
          app.post("/api/prospects/answer") { json(prospect(Operations::Scout::Prospects.answer(given))) }
          app.post("/api/prospects") { change(201) { prospect(Operations::Scout::Prospects.create(given)) } }
          app.get("/api/prospects/:id") { json(prospect(Operations::Scout::Prospects.find(params[:id]))) }
          app.patch("/api/prospects/:id") do
            change { prospect(Operations::Scout::Prospects.update(params[:id], given)) }
          end
          app.delete("/api/prospects/:id") { removal { Operations::Scout::Prospects.remove(params[:id]) } }
        end

        def self.steps(app)
          app.post("/api/prospects/:id/sightings") do
            change(201) { prospect(Operations::Scout::Prospects.see(params[:id], given)) }
          end
          app.delete("/api/sightings/:id") { removal { Operations::Scout::Prospects.forget(params[:id]) } }
          app.post("/api/prospects/:id/close") do
            change { prospect(Operations::Scout::Prospects.close(params[:id], given)) }
          end
          app.post("/api/prospects/:id/reopen") do
            change { prospect(Operations::Scout::Prospects.reopen(params[:id])) }
          end
          app.post("/api/prospects/:id/buy") do
            change(201) { Serializers::Flips::PieceName.present(Operations::Scout::Purchases.buy(params[:id], given), formatter) }
          end
        end

        def self.card(rows, formatter)
          workshop = formatter.workshop
          { date: formatter.day(Operations::Support::Workshop.today), target_pay: formatter.price(workshop.target_pay_minor),
            conditions: Core::Scout::Conditions::ALL.map { |row| row.slice(:key, :label, :looks, :assumes) },
            rows: rows.map do |kind, cells|
              words = Core::Planning::Shape::Kinds.words_like(kind)
              { kind: kind, words: words, source: cells.values.first.resale&.source, cells: cells.map do |key, scouting|
                cell(key, scouting, formatter)
              end }
            end }
        end

        def self.cell(key, scouting, formatter)
          { condition: key, most: formatter.at_most(scouting.most), why: scouting.answer.most.why }
        end

        def self.record(answer, formatter)
          { rows: answer.rows.map { |key, row| { key: key.to_s, n: row.n, text: row.text, spread: spread(row) } },
            flips: answer.flips.map { |flip| flip(flip, formatter) }, missed_total: answer.missed_total,
            missed: answer.missed.map { |scouting| missed(scouting, formatter) } }
        end

        # The middle half of the ratios, as percentages.
        def self.spread(row)
          row.lower && "#{(row.lower * 100).round}% to #{(row.upper * 100).round}%"
        end

        def self.flip(flip, formatter)
          prospect = flip.prospect
          { id: prospect.id, title: prospect.title, piece_id: prospect.pieces.first.id, resale: formatter.money(flip.resale),
            hours: formatter.effort(flip.hours),
            materials: formatter.money(flip.materials), paid: formatter.money(flip.paid), most: formatter.at_most(prospect.most_minor),
            expected_resale: formatter.about(prospect.expected_resale_minor), expected_hours: formatter.estimate(prospect.expected_seconds),
            expected_materials: formatter.about(prospect.expected_materials_minor) }
        end

        # most and earned by the estimates of its time.
        def self.missed(scouting, formatter)
          prospect = scouting.prospect
          { id: prospect.id, title: prospect.title, state_text: Operations::Scout::Prospects::STATES.fetch(prospect.state),
            closed_on: formatter.day(prospect.closed_on),
            reason: prospect.reason, tag: formatter.price(prospect.tag_minor), most: formatter.at_most(prospect.most_minor),
            forgone: formatter.about(Operations::Scout::TrackRecord.forgone(prospect)) }
        end
      end
    end
  end
end
