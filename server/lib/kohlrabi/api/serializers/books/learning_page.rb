# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Books
        # What a history says, as the contract has it: comparisons, flips one by one, where time and money stand.
        class LearningPage
          # say: Say; lens: Books::Lens.
          def initialize(say, lens)
            @say = say
            @lens = lens
          end

          def comparison(by)
            answer = Operations::Books::Comparisons.answer(by, @lens)
            { by: by, several: answer.several, more: answer.more, choices: Operations::Books::Traits::ALL.map do |key, (label, _)|
              { key: key, label: label }
            end,
              rows: answer.rows.map { |row| compared(row) }, profit: @say.money(answer.whole.profit.amount) }
          end

          def spread
            points = Operations::Books::Spread.points(@lens)
            answer = Operations::Books::Spread.answer(points)
            found = Operations::Books::Spread.standouts(points)
            { points: answer.points.map { |point| point(point) }, without: answer.without, left_out: answer.left_out, lines: lines(answer),
              best: found.best.map { |one| standout(one) }, worst: found.worst.map { |one| standout(one) }, n: found.n }
          end

          def passing
            answer = Operations::Books::Passing.answer(@lens)
            count, forgone, known = answer.gone
            { parts: answer.parts.map { |label, summary| { label: label, days: quartiles(summary) } },
              oldest: answer.oldest.map { |piece, days, minor| { id: piece.id, name: piece.name, days: days, tied_up: @say.money(minor) } },
              found: answer.found.map { |month, row| found(month, row) },
              gone: { count: count, forgone: @say.money(forgone), known: known },
              waits: answer.waits.map { |stage, pieces, days| { stage: stage, count: pieces, days: number(days) } },
              guesses: Operations::Books::Guesses.lines(@lens).map { |line| guess(line) }, seasons: Operations::Market::Sellings.seasons.map(&:text) }
          end

          private

          def compared(row)
            { key: row.key, label: row.label, **side(row.with), rest_hourly: @say.money(row.rest.hourly_pay.amount), rest_n: row.rest.hours_known,
              days: quartiles(row.days), profits: quartiles(row.profits) { |minor| @say.money(minor)[:text] }, few: row.few, edge: edge(row.edge) }
          end

          def side(with)
            hourly = with.hourly_pay.amount
            { ended: with.paid.flips + with.at_cost.flips, n: with.hours_known, profit: @say.money(with.profit.amount),
              receipts: @say.money(with.receipts.amount), hours: @say.effort(with.hours.amount), hourly: @say.money(hourly),
              major_hourly: major(hourly),
              margin: with.margin.text(@say.workshop.money) }
          end

          def edge(minor)
            minor && "#{@say.money(minor.abs)[:text]} #{@say.workshop.currency} an hour #{minor.negative? ? 'less' : 'more'} than the rest"
          end

          def quartiles(summary)
            { n: summary[:n], **summary.slice(:median, :lower, :upper).transform_values do |value|
              value && (block_given? ? yield(value) : number(value))
            end }
          end

          def number(value) = value && Core::Units::Numerals.text(value, value.denominator == 1 ? 0 : 1)
          def major(minor) = minor && (minor / @say.workshop.money.unit.to_f)
          def hours(seconds) = (seconds / 3600.0).round(3)

          def point(point)
            { id: point.id, name: point.name, stage: point.stage, profit: @say.money(point.profit), effort: @say.effort(point.seconds),
              hourly: @say.money(Core::Flips::HourlyPay.of(point.profit, point.seconds)),
              hours: hours(point.seconds), major_profit: major(point.profit) }
          end

          # Lines of equal pay, from no hours to the most.
          def lines(answer)
            most = answer.points.map(&:seconds).max || 0
            answer.pays.map do |label, pay|
              { label: label, pay: @say.money(pay), hours: hours(most), major_profit: major(Rational(pay * most, 3600)) }
            end
          end

          def standout((point, reasons))
            { id: point.id, name: point.name, profit: @say.money(point.profit), effort: @say.effort(point.seconds), reasons: reasons }
          end

          def found(month, (count, known, sum, median))
            { month: month, label: Date.strptime(month, "%Y-%m").strftime("%b %Y"), count: count, known: known, paid: @say.money(sum),
              median: @say.money(median) }
          end

          def guess(line)
            words = ->(value) { value && (line.unit == :money ? @say.money(value) : @say.effort(value))[:text] }
            answer = line.answer
            { key: line.key.to_s, label: line.label, n: answer[:n], text: answer[:text], over: answer[:over], under: answer[:under],
              spread: answer[:lower] && "#{ratio(answer[:lower])} to #{ratio(answer[:upper])}",
              pairs: line.pairs.map do |id, name, estimated, actual|
                { id: id, name: name, estimated: words.call(estimated), actual: words.call(actual) }
              end }
          end

          def ratio(value) = "#{Core::Units::Numerals.text(value * 100, 0)}%"
        end
      end
    end
  end
end
