# frozen_string_literal: true

module Api
  module Serializers
    module Books
      # Books, as the contract has it.
      class BooksPage < Support::Page
        shows :opening, :counts, :turnaround
        attribute(:year) { @answer.books.year }
        attribute(:view) { @answer.books.view }
        attribute(:hours) { @answer.books.rule }
        attribute(:years) { @answer.years }
        attribute(:in_hand) { BooksPage.in_hand(@formatter) }
        attribute(:figures) { said(@totals.figures) }
        attribute(:other_hours) { said([@totals.hours(other), @totals.hourly_pay(other)]) }
        attribute(:months) { @answer.months.map { |month, totals| month(month, totals) } }

        # answer: Books::Totals::Answer; formatter: Formatter.
        def initialize(answer, formatter)
          super
          @answer = answer
          @totals = answer.totals
        end

        # What is in hand, in one line.
        def self.in_hand(formatter)
          line = Operations::Flips::Lists.in_hand
          line.merge(tied_up: formatter.money(line[:tied_up]))
        end

        private

        def said(figures) = figures.map { |figure| @formatter.figure(figure) }

        # The sentence that answers what the flips paid: "€895.00 profit in 2026, €10 an hour. Hall benches
        # pay best so far."
        def opening
          profit, pay = [@totals.profit, @totals.hourly_pay].map(&:amount)
          return unless profit

          year = @answer.books.year
          "#{@formatter.amounts.exact(profit)} profit #{year ? "in #{year}" : 'so far'}#{", #{@formatter.amounts.rate(pay)} an hour" if pay}.#{best}"
        end

        def best
          rows = Operations::Books::Comparisons.answer("kind", @answer.books).rows.reject(&:few)
          row = rows.max_by { |one| one.pays.middle } or return
          " #{row.label.upcase_first.pluralize} pay best#{' so far' unless row.pays.claim}."
        end

        def other = @answer.books.rule == "all" ? "bench" : "all"

        def counts
          { sold: @totals.sold.flips, scrapped: @totals.scrapped.flips, kept_or_given_away: @totals.at_cost.flips,
            profit_known: @totals.paid.profit_count, hours_known: @totals.hours_known }
        end

        def turnaround
          days = @answer.turnaround
          { n: days[:n] }.merge(days.slice(:median, :lower, :upper).transform_values do |value|
            value&.round&.to_s
          end)
        end

        def month(month, totals)
          profit = totals.profit.amount
          label = month ? Date.strptime(month, "%Y-%m").strftime("%b %Y") : "No date"
          { month: month, label: label, ended: totals.paid.flips + totals.at_cost.flips,
            profit: @formatter.money(profit), major_profit: major(profit),
            receipts: @formatter.money(totals.receipts.amount), hours: @formatter.effort(totals.hours.amount),
            hourly_pay: @formatter.money(totals.hourly_pay.amount), major_hourly: major(totals.hourly_pay.amount), **days(month) }
        end

        def major(minor) = minor && (minor / @formatter.workshop.money.unit.to_f)

        # Median turnaround of what was sold in a month, and of how many.
        def days(month)
          summary = @answer.days.fetch(month, { median: nil, n: 0 })
          { days: summary[:median]&.to_f, days_n: summary[:n] }
        end
      end

      # Flips one by one: hours against profit, the best and the worst.
      class SpreadPage < Support::Page
        attributes :without, :left_out
        attribute(:points) { |answer| answer.points.map { |point| point(point) } }
        shows :lines
        attribute(:best) { @found.best.map { |one| standout(one) } }
        attribute(:worst) { @found.worst.map { |one| standout(one) } }
        attribute(:n) { @found.n }

        # filter: Books::BooksFilter.
        def initialize(filter, formatter)
          points = Operations::Books::Spread.points(filter)
          super(Operations::Books::Spread.answer(points), formatter)
          @found = Operations::Books::Spread.standouts(filter)
        end

        private

        def hours(seconds) = (seconds / 3600.0).round(3)

        def point(point)
          { id: point.id, name: point.name, stage: point.stage, profit: @formatter.money(point.profit), effort: @formatter.effort(point.seconds),
            hourly: @formatter.money(Core::Flips::HourlyPay.of(point.profit, point.seconds)), hours: hours(point.seconds),
            major_profit: @formatter.major(point.profit) }
        end

        # Lines of equal pay, from no hours to the most.
        def lines
          most = object.points.map(&:seconds).max || 0
          object.pays.map do |label, pay|
            { label: label, pay: @formatter.money(pay), hours: hours(most),
              major_profit: @formatter.major(Rational(pay * most, 3600)) }
          end
        end

        def standout((point, reasons))
          { id: point.id, name: point.name, profit: @formatter.money(point.profit),
            effort: @formatter.effort(point.seconds), reasons: reasons }
        end
      end

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
          { count: count, forgone: @formatter.about(forgone), known: known }
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

      # A year of the workshop, as the contract has it: goals, and the money that belongs to no flip.
      class YearPage < Support::Page
        shows :typed, :sums
        attribute(:year) { @year }
        attribute(:goals) { Operations::Books::Goals.rows(@year).map { |row| goal(row) } }
        attribute(:entries) { @money.rows.map { |row| YearPage.entry(row, @formatter) } }
        attribute(:filming) { @formatter.effort(@money.filming) }
        attribute(:left) { @formatter.figure(@money.left) }

        # formatter: Formatter; year: Integer.
        def initialize(year, formatter)
          super
          @year = year
          @money = Operations::Books::WorkshopMoney.answer(year)
        end

        def self.entry(row, formatter)
          { id: row.id, kind: row.kind, kind_label: Operations::Books::WorkshopMoney::KINDS.fetch(row.kind).first, what: row.what,
            amount: formatter.money(row.amount_minor), on: formatter.day(row.happened_on) }
        end

        private

        def goal(row)
          words = ->(amount) { amount && (row.key == :pieces ? amount.round.to_s : @formatter.money(amount)[:text]) }
          { key: row.key.to_s, label: row.label, text: row.text, **%i[goal so_far heading].to_h do |name|
            [name, words.call(row[name])]
          end,
            needed: row.needed && needed(row), share: row.goal&.positive? && row.so_far ? (row.so_far / row.goal.to_f).round(3) : nil,
            gone: row.gone.to_f.round(3) }
        end

        # What each month left has to bring, at 30 days.
        def needed(row)
          month = row.needed * 30
          if row.key == :pieces
            "about #{Core::Units::Numerals.text(month, 1)} pieces every 30 days"
          else
            "about #{@formatter.amounts.about(month)} every 30 days"
          end
        end

        def typed
          goal = Operations::Books::Goals.of(@year)
          { profit: @formatter.typed_money(goal.profit_minor), hourly: @formatter.typed_money(goal.hourly_minor),
            pieces: goal.pieces.to_s }
        end

        def sums
          @money.spent.merge(@money.received).map do |kind, minor|
            { kind: kind, label: Operations::Books::WorkshopMoney::KINDS.fetch(kind).first, amount: @formatter.money(minor), spent: @money.spent.key?(kind) }
          end
        end
      end
    end
  end
end
