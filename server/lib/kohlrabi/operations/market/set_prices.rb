# frozen_string_literal: true

module Operations
  module Market
    # What a set as a whole must bring: its pieces' costs and hours together, by cost and pay.
    module SetPrices
      extend self

      # [money in, break-even, floor, target, profit where sold] as Figures.
      def figures(set)
        rows = set.members.map { |member| member.piece.summary }
        profit = Core::Figure.sum(:cash_profit, "Cash profit", :money, set.members.map do |member|
          ["+", profit(member)]
        end)
        [cash_in(set), *prices(set).figures, (profit if rows.all? { |row| row.stage == "sold" })].compact
      end

      def tape(set)
        found = prices(set).figures.to_h { |figure| [figure.key, figure.amount] }
        last = set.happenings.reverse.find(&:asking_minor)
        sold = set.happenings.find { |event| event.kind == "sold" }
        Core::Market::PriceTape.new(found.merge(cash_in: cash_in(set).amount, asking: last&.asking_minor, sold: sold&.price_minor),
                                    unit: Support::Workshop.current.money.unit)
      end

      private

      def cash_in(set)
        Core::Figure.sum(:cash_in, "Spent so far", :money, set.members.map do |member|
          minor = member.piece.summary.cash_in_minor
          ["+", Core::Figure.plain(:piece, member.piece.name, :money, minor, why: (unless minor
                                                                                     "the price you paid for #{member.piece.name} is " \
                                                                                       "missing"
                                                                                   end))]
        end)
      end

      def profit(member)
        minor = member.piece.summary.cash_profit_minor
        Core::Figure.plain(:piece, member.piece.name, :money, minor,
                           why: ("the profit of #{member.piece.name} is unknown" unless minor))
      end

      def prices(set)
        workshop = Support::Workshop.current
        pieces = set.members.map(&:piece)
        hours = pieces.map { |piece| Flips::ToCome.known_seconds(piece, piece.summary["#{workshop.hours_rule}_seconds"]) }
        costs = cash_in(set).amount
        Core::Market::CostAndPay.new(costs: costs && (costs + pieces.sum { |piece| piece.cost_to_come_minor.to_i }),
                                     seconds: (hours.compact.sum if hours.any?), fee_rate: workshop.fee_rate || 0,
                                     fixed: workshop.selling_minor, floor_pay: workshop.floor_pay_minor,
                                     target_pay: workshop.target_pay_minor)
      end
    end
  end
end
