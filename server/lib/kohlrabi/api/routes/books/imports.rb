# frozen_string_literal: true

module Api
  module Routes
    module Books
      # A person's spreadsheet of past flips: looked at first, then taken in.
      module Imports
        def self.registered(app)
          app.helpers { define_method(:spreadsheet) { Operations::Books::Spreadsheet.new(raw_body, gone: ClientGone.watch(request.env), **Imports.options(params)) } }
          app.post("/api/past-flips") { change(201) { piece_page(Operations::Books::PastFlips.create(given)) } }
          app.post("/api/imports/check") { json(Imports.present(spreadsheet, formatter)) }
          app.get("/api/imports/progress") do
            json(done: Operations::Books::Import.progress.first, of: Operations::Books::Import.progress.last)
          end
          app.post("/api/imports") { change(201) { spreadsheet.take!.then { |sheet| Imports.present(sheet, formatter) } } }
        end

        def self.options(params)
          { decimal: (params[:decimal] || "point").to_sym, dates: (params[:dates] || "iso").to_sym,
            again: params[:again].to_s == "true", skip_bad: params[:skip_bad].to_s == "true",
            columns: columns(params[:columns]), guess: true }
        end

        # Raises Core::Refusal for what is not an object of texts.
        def self.columns(text)
          found = text.to_s.empty? ? {} : JSON.parse(text)
          return found if found.is_a?(Hash) && found.values.all? { |to| to == Formats::Columns::LEFT_OUT || Formats::FlipsCsv::COLUMNS.include?(to) }

          raise Core::Refusal.new(:unknown_column_match, field: :columns)
        rescue JSON::ParserError
          raise Core::Refusal.new(:column_match_unreadable, field: :columns)
        end

        def self.present(sheet, formatter)
          rows = sheet.outcomes.map { |outcome| row(outcome, formatter) }
          { questions: sheet.questions, columns: sheet.columns.map(&:to_h), known: Formats::FlipsCsv::COLUMNS, problems: sheet.problems, rows: rows,
            counts: { taken: 0, bad: 0, repeat: 0 }.merge(sheet.outcomes.map(&:state).tally) }
        end

        def self.row(outcome, formatter)
          summary = outcome.summary
          { row: outcome.row, name: outcome.name, state: outcome.state.to_s, problems: outcome.problems, remarks: outcome.remarks,
            bought_on: formatter.day(summary[:bought_on]), purchase: formatter.money(summary[:purchase_minor]),
            sold_on: formatter.day(summary[:sold_on]),
            sale_price: formatter.money(summary[:sale_minor]), hours: formatter.effort(summary[:seconds]) }
        end
      end
    end
  end
end
