# frozen_string_literal: true

module Operations
  module Market
    # How many hours a piece in hand still bears, and what each way to go on pays from here.
    module Budgets
      AS_FOUND = "a built-in guess for pieces sold as found"

      extend self

      # Core::Market::HoursBudget of a piece, with its other looks as simpler ways; nil once it has ended.
      def of(piece, workshop: Support::Workshop.current)
        standing = Standings.of(piece) or return
        budget(standing, workshop, as_is: standing.as_is, as_is_why: AS_FOUND,
                                   simpler: simpler(piece, standing, workshop))
      end

      # The same for a list, without other ways to go on.
      def brief(standing, workshop) = budget(standing, workshop)

      private

      def budget(standing, workshop, **rest)
        Core::Market::HoursBudget.new(take_home: standing.take_home, cash_in: standing.spent, to_come: standing.still_to_spend,
                                      seconds: standing.worked, work: standing.work_left.to_i, floor_pay: workshop.floor_pay_minor, **rest)
      end

      # Other looks that take less work than the chosen one: [name, take-home, costs to come, seconds to come].
      def simpler(piece, standing, workshop)
        looks = piece.looks.reject(&:chosen)
        return [] if looks.empty? || piece.looks.none?(&:chosen)

        looks.filter_map do |look|
          plan = Planning::Plans.of(piece, look: look, workshop: workshop)
          next unless plan.remaining < standing.work_left.to_i

          cost = Shelf::Draws.expected_cost(plan.materials_left, plan.brief.products)
          price = Values.fetch(piece, look: look)&.at(1)
          [look.name, price && Standings.take_home(price, workshop), cost, plan.remaining] if cost
        end
      end
    end
  end
end
