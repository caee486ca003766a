# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # Where time and money stand, and how well one guesses (Operations::Books::TimeInStage::Answer).
      class TimeInStagePage < Support::Page
        shows :gone, :estimates
        attribute(:parts) do |answer|
          answer.parts.map do |label, summary|
            { label: label, days: @formatter.quartiles(summary) }
          end
        end
        attribute(:oldest) do |answer|
          answer.oldest.map do |piece, days, minor|
            { id: piece.id, name: piece.name, days: days, tied_up: @formatter.money(minor) }
          end
        end
        attribute(:found) { |answer| answer.found.map { |month, row| found(month, row) } }
        attribute(:waits) do |answer|
          answer.waits.map do |stage, pieces, days|
            { stage: stage, count: pieces, days: @formatter.number(days) }
          end
        end
        attribute(:seasons) { Operations::Market::TimeToSell.seasons.map(&:text) }

        # filter: Books::BooksFilter.
        def initialize(filter, formatter)
          super(Operations::Books::TimeInStage.answer(filter), formatter)
          @filter = filter
        end

        private

        def gone
          count, forgone, known = object.gone
          { count: count, forgone: @formatter.money(forgone), known: known }
        end

        def found(month, (count, known, sum, median))
          { month: month, label: Date.strptime(month, "%Y-%m").strftime("%b %Y"), count: count, known: known, paid: @formatter.money(sum),
            median: @formatter.money(median) }
        end

        def estimates = Operations::Books::EstimateAccuracy.lines(@filter).map { |line| guess(line) }

        def guess(line)
          words = lambda { |value|
            value && (line.unit == :money ? @formatter.money(value) : @formatter.effort(value))[:text]
          }
          answer = line.answer
          pairs = line.pairs.map do |id, name, guessed, came|
            { id: id, name: name, estimated: words.call(guessed), actual: words.call(came) }
          end
          { key: line.key.to_s, label: line.label, **answer.slice(:n, :text, :over, :under), pairs: pairs,
            spread: answer[:lower] && "#{@formatter.percent(answer[:lower])} to #{@formatter.percent(answer[:upper])}" }
        end
      end
    end
  end
end
