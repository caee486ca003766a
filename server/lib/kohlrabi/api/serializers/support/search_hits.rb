# frozen_string_literal: true

module Api
  module Serializers
    module Support
      # What has all words of a query: pieces first, then what stands on them and beside them. Each hit leads to its
      # page.
      class SearchHits
        MOST = 6 # hits of each sort

        # query: String as typed.
        def initialize(query)
          @words = query.to_s.downcase.split(/\s+/).first(6)
          @query = query
        end

        # Array of {sort:, label:, line:, to:}.
        def to_a
          return [] if @words.empty?

          [pieces, steps, findings, materials, tools, notes].flat_map { |hits| hits.first(MOST) }
        end

        private

        def hit(sort, label, line, path) = { sort: sort, label: label, line: line, to: path }
        def has?(*texts) = texts.compact.join(" ").downcase.then { |text| @words.all? { |word| text.include?(word) } }

        def pieces
          Operations::Flips::Lists.find(@query, most: MOST).map do |piece|
            hit("piece", piece.name, "#{piece.ticket_text}, #{piece.summary.stage}", "/pieces/#{piece.id}")
          end
        end

        # Of plans of what is in hand, those still to be done before those that are.
        def steps
          found = bench.plans.flat_map do |id, plan|
            name = bench.pieces.fetch(id).name
            plan.steps.select { |step| has?(step.label) }.map { |step| [step, id, name] }
          end
          found.sort_by { |step, *| step.done? ? 1 : 0 }.map do |step, id, name|
            hit("step", step.label, "#{name}#{', done' if step.done?}", "/pieces/#{id}/plan")
          end
        end

        def findings
          bench.plans.flat_map do |id, plan|
            found = plan.brief.findings.select { |finding| has?(finding.label, finding.note) }.uniq(&:label)
            found.map { |finding| hit("finding", finding.label, bench.pieces.fetch(id).name, "/pieces/#{id}/over") }
          end
        end

        def materials
          there = Operations::Shelf::Containers.left
          rows = Operations::Shelf::Products.core.all.select { |row| has?(row[:label], row[:kind]) }
          rows.sort_by { |row| there.fetch(row[:key], 0).positive? ? 0 : 1 }.map do |row|
            stands = there.fetch(row[:key], 0).positive?
            hit("material", row[:label], stands ? "on the shelf" : "none on the shelf",
                stands ? "/shelf" : "/shelf/products")
          end
        end

        def tools
          Core::Tools::Catalogue::ALL.select { |tool| has?(tool.label, tool.about) }.map do |tool|
            hit("tool", tool.label, tool.about, "/tools/#{tool.key}")
          end
        end

        def notes
          Operations::Flips::Diary.find(@words, most: MOST).map do |entry|
            hit("note", entry.text, entry.piece.name, "/pieces/#{entry.piece_id}")
          end
        end

        def bench = @bench ||= Operations::Bench::Schedules.now
      end
    end
  end
end
