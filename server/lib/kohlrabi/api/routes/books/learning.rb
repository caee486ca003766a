# frozen_string_literal: true

module Api
  module Routes
    module Books
      # What pays: comparisons, flips one by one, time and money, the year, what if.
      module Learning
        class << self
          def registered(app)
            app.helpers { define_method(:filter) { @filter ||= Operations::Books::BooksFilter.new(view: params[:view], rule: params[:hours], year: params[:year].presence) } }
            history(app)
            year(app)
            what_if(app)
          end

          private

          def history(app)
            app.get("/api/books") do
              json(Serializers::Books::BooksPage.new(Operations::Books::Totals.answer(filter), formatter).to_h)
            end
            app.get("/api/books/compare") do
              json(Serializers::Books::ComparisonPage.new(params[:by] || "kind", formatter, filter: filter).to_h)
            end
            app.get("/api/books/spread") { json(Serializers::Books::SpreadPage.new(filter, formatter).to_h) }
            app.get("/api/books/passing") { json(Serializers::Books::TimeInStagePage.new(filter, formatter).to_h) }
          end

          def year(app)
            app.get("/api/years/:year") { json(Serializers::Books::YearPage.new(params[:year].to_i, formatter).to_h) }
            app.put("/api/years/:year/goals") do
              change do
                Operations::Books::Goals.set(params[:year].to_i, given)
                Serializers::Books::YearPage.new(params[:year].to_i, formatter).to_h
              end
            end
            app.post("/api/workshop-entries") do
              change(201) { Serializers::Books::YearPage.entry(Operations::Books::WorkshopMoney.create(given), formatter) }
            end
            app.delete("/api/workshop-entries/:id") { removal { Operations::Books::WorkshopMoney.remove(params[:id]) } }
          end

          def what_if(app)
            app.get("/api/what-if/without") do
              filled = (params[:filled] || 0).to_i
              json(Serializers::Books::WithoutPage.new(params[:by] || "kind", params[:trait].to_s, formatter,
                                                       filled: filled, filter: filter).to_h)
            end
            app.get("/api/what-if/cheaper") do
              json(Serializers::Books::CheaperPage.new((params[:less] || 10).to_i, params[:quicker], formatter,
                                                       filter: filter).to_h)
            end
            app.get("/api/what-if/side-by-side") do
              hands = (params[:hands] || Operations::Support::Workshop.people.size).to_i
              json(Serializers::Books::SideBySidePage.new(hands, formatter, filter: filter).to_h)
            end
          end
        end
      end
    end
  end
end
