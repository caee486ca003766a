# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # How many hours a piece in hand still bears, and what each way to go on pays.
      module Budgets
        PAID = "at what was paid for it, assumed"

        module_function

        # Core::Market::HoursBudget of a piece, with its other looks as simpler ways. flip: Flip.
        def of(piece, flip: Flips::FlipRecords.of(piece), workshop: House::WorkshopSettings.workshop)
          take = take_home(flip.asking || Values.expected(piece), workshop)
          as_is, why = as_found(piece, workshop)
          Core::Market::HoursBudget.new(take_home: take, cash_in: flip.money_in.figure.amount, to_come: piece.cost_to_come_minor.to_i,
                                        seconds: flip.work.by(workshop.hours_rule), work: piece.seconds_to_come.to_i,
                                        floor_pay: workshop.floor_pay_minor, as_is: as_is, as_is_why: why, simpler: simpler(piece, workshop))
        end

        # The same for a list, from the record and its summary alone.
        def of_row(piece, summary, seconds, workshop)
          Core::Market::HoursBudget.new(take_home: take_home(summary.asking_minor || Values.expected(piece, briefly: true), workshop),
                                        cash_in: summary.cash_in_minor,
                                        to_come: piece.cost_to_come_minor.to_i, seconds: seconds, work: piece.seconds_to_come.to_i,
                                        floor_pay: workshop.floor_pay_minor)
        end

        # Taken home where it is sold as it stands: what such pieces bring unfinished, else what was paid for it.
        # [minor units or nil, why].
        def as_found(piece, workshop)
          bring = Values.expected_as_found(piece)
          bring ? [take_home(bring, workshop), "what such pieces bring as they are found: common practice, weak"] : [piece.purchase_minor, PAID]
        end

        def take_home(price, workshop)
          return unless price

          price - (price * (workshop.fee_rate || 0)).ceil - workshop.selling_minor
        end
        private_class_method :take_home

        # Other looks that take less work than the chosen one: [name, take-home, costs to come, seconds to come].
        def simpler(piece, workshop)
          looks = piece.looks.reject(&:chosen)
          return [] if looks.empty? || piece.looks.none?(&:chosen)

          looks.filter_map do |look|
            plan = Planning::Plans.of(piece, look: look, workshop: workshop)
            next unless plan.remaining < piece.seconds_to_come.to_i

            cost = Core::Planning::Stock.new(plan.materials_left, plan.brief.products).used
            [look.name, take_home(Values.expected(piece, look: look), workshop), cost, plan.remaining] if cost
          end
        end
        private_class_method :simpler
      end
    end
  end
end
