# frozen_string_literal: true

module Operations
  module Books
    # What is aimed at in a year, and how it goes.
    module Goals
      extend self

      # Array of Core::Books::Pace::Row for a year (Integer), by cash profit and the house's hours.
      def rows(year)
        goal = Records::Goal.find_by(year: year)
        totals = Totals.answer(BooksFilter.new(year: year.to_s)).totals
        so_far = { profit: totals.profit.amount, hourly: totals.hourly_pay.amount, pieces: totals.sold.flips }
        aims = { profit: goal&.profit_minor, hourly: goal&.hourly_minor, pieces: goal&.pieces }
        aims.map do |key, aim|
          Core::Books::Pace.new(key, aim, so_far.fetch(key), today: Support::Workshop.today, year: year,
                                                             say: key == :pieces ? method(:pieces) : method(:money)).row
        end
      end

      def of(year) = Records::Goal.find_by(year: year) || Records::Goal.new(year: year)

      # given: {"profit"?, "hourly"?, "pieces"?}; empty takes a goal away. Returns the goal.
      def set(year, given)
        Records::Base.transaction do
          params = Support::Params.new(given, Support::Workshop.current)
          params.money(:profit)
          params.money(:hourly)
          params.count(:pieces, 1..100_000)
          values = params.done!
          of(year).tap { |goal| goal.update!(values) }
        end
      end

      private

      def money(minor) = Support::Workshop.current.amounts.exact(minor)

      def pieces(count) = count.round == 1 ? "1 piece" : "#{count.round} pieces"
    end
  end
end
