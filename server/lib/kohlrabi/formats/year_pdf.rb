# frozen_string_literal: true

module Formats
  # A year on paper: what came of it, month by month, by kind, the best and the worst, goals, and what belongs to no
  # flip.
  class YearPdf
    KINDS = 10

    # year: Integer.
    def initialize(year)
      @year = year
      @workshop = Operations::Support::Workshop.current
      @filter = Operations::Books::BooksFilter.new(year: year.to_s)
      @books = Operations::Books::Totals.answer(@filter)
      @paper = Paper.new("The year #{year}")
    end

    def to_s
      totals = @books.totals
      ended = totals.paid.flips + totals.at_cost.flips
      @paper.heading("The year #{@year}",
                     line: "#{count(ended, 'flip')} ended · #{@workshop.currency} · printed #{Core::Units::Calendar.text(Operations::Support::Workshop.today)}")
      @paper.table(totals.figures.map do |figure|
        [figure.label, figure.text(@workshop.money) || "undefined", figure.why]
      end, widths: [190, 90, 220], right: [1])
      months if ended.positive?
      kinds if ended.positive?
      standouts if ended.positive?
      goals
      apart
      @paper.to_s
    end

    private

    def months
      @paper.part("Profit by month")
      known = @books.months.select(&:first)
      @paper.bars(known.map do |month, row|
        [Date.strptime(month, "%Y-%m").strftime("%b %Y"), row.profit.amount,
         row.profit.text(@workshop.money) || "no flip ended"]
      end)
    end

    def kinds
      @paper.part("By kind")
      rows = Operations::Books::Comparisons.answer("kind", @filter).rows.first(KINDS).map do |row|
        [row.label, row.with.paid.flips + row.with.at_cost.flips, *[row.with.profit, row.with.hours, row.with.hourly_pay].map do |figure|
          figure.text(@workshop.money) || "–"
        end,
         row.few ? "too few to tell" : ""]
      end
      @paper.table(rows, widths: [140, 50, 80, 70, 70, 90], right: [1, 2, 3, 4],
                         head: ["Kind", "Ended", "Profit", "Hours", "An hour", ""])
    end

    def standouts
      found = Operations::Books::Spread.standouts(@filter)
      { "Brought most" => found.best, "Brought least" => found.worst }.each do |title, rows|
        next if rows.empty?

        @paper.part(title)
        rows.each do |point, reasons|
          @paper.text("#{point.name}: #{money(point.profit)}")
          @paper.quiet(reasons.join("; ")) if reasons.any?
        end
      end
    end

    def goals
      rows = Operations::Books::Goals.rows(@year).select(&:goal)
      return if rows.empty?

      @paper.part("Goals")
      rows.each { |row| @paper.text("#{row.label}: #{row.text}") }
    end

    def apart
      answer = Operations::Books::WorkshopMoney.answer(@year)
      @paper.part("Apart from flips")
      answer.spent.each { |kind, minor| @paper.text("#{Operations::Books::WorkshopMoney::KINDS.fetch(kind).first}: −#{money(minor)}") }
      answer.received.each { |kind, minor| @paper.text("#{Operations::Books::WorkshopMoney::KINDS.fetch(kind).first}: #{money(minor)}") }
      @paper.text(answer.left.sentence(@workshop.money).sub(/\A./, &:upcase))
    end

    def money(minor) = @workshop.amounts.exact(minor)
    def count(number, name) = "#{number} #{name}#{'s' unless number == 1}"
  end
end
