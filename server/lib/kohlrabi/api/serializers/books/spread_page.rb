# frozen_string_literal: true

module Api
  module Serializers
    module Books
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
    end
  end
end
