# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Books
        # Where time and money stand, and how well one guesses (Operations::Books::Passing::Answer).
        class PassingPage < Support::Page
          shows :gone, :guesses
          attribute(:parts) { |answer| answer.parts.map { |label, summary| { label: label, days: @say.quartiles(summary) } } }
          attribute(:oldest) do |answer|
            answer.oldest.map { |piece, days, minor| { id: piece.id, name: piece.name, days: days, tied_up: @say.money(minor) } }
          end
          attribute(:found) { |answer| answer.found.map { |month, row| found(month, row) } }
          attribute(:waits) { |answer| answer.waits.map { |stage, pieces, days| { stage: stage, count: pieces, days: @say.number(days) } } }
          attribute(:seasons) { Operations::Market::Sellings.seasons.map(&:text) }

          # lens: Books::Lens.
          def initialize(lens, say)
            super(Operations::Books::Passing.answer(lens), say)
            @lens = lens
          end

          private

          def gone
            count, forgone, known = object.gone
            { count: count, forgone: @say.money(forgone), known: known }
          end

          def found(month, (count, known, sum, median))
            { month: month, label: Date.strptime(month, "%Y-%m").strftime("%b %Y"), count: count, known: known, paid: @say.money(sum),
              median: @say.money(median) }
          end

          def guesses = Operations::Books::Guesses.lines(@lens).map { |line| guess(line) }

          def guess(line)
            words = ->(value) { value && (line.unit == :money ? @say.money(value) : @say.effort(value))[:text] }
            answer = line.answer
            pairs = line.pairs.map { |id, name, guessed, came| { id: id, name: name, estimated: words.call(guessed), actual: words.call(came) } }
            { key: line.key.to_s, label: line.label, **answer.slice(:n, :text, :over, :under), pairs: pairs,
              spread: answer[:lower] && "#{@say.percent(answer[:lower])} to #{@say.percent(answer[:upper])}" }
          end
        end
      end
    end
  end
end
