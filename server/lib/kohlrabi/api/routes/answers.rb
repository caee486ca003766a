# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # What the core computed: Today, Books, and how a time worked is read.
      module Answers
        def self.registered(app)
          app.get("/api/today") { json(Answers.today(Desk::Today.answer, say)) }
          app.get("/api/books") { json(BooksPage.new(Desk::Books.answer(year: params[:year]), say).to_h) }
          app.get("/api/read/climate") { json(Answers.climate(Desk::Coating.now(params), say)) }
          app.get("/api/read/effort") { json(say.effort(Core::Units::Effort.parse(params[:text]))) }
        end

        def self.climate(climate, say)
          dew = climate.dew_point
          { dew_point: dew && say.degrees(dew), against: climate.against, may: climate.against.empty? }
        end

        def self.today(answer, say)
          { date: say.day(answer.date), timers: Resources::Timer.present(answer.timers, say), worked: say.effort(answer.worked),
            tags: answer.tags.map { |scouting, on, why| ScoutWords.due(scouting, on, why, say, answer.date) },
            entries: Resources::Work.present(answer.done, say),
            stages: answer.stages.map { |stage, rows, total| { stage: stage, total: total, rows: Rows.present(rows, say) } } }
        end
      end
    end
  end
end
