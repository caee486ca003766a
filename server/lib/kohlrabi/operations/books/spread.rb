# frozen_string_literal: true

module Operations
  module Books
    # Flips one by one: hours against profit, and the best and worst with why.
    module Spread
      MAX_POINTS = 500 # points that are drawn, the latest
      SHOWN = 3
      Point = Struct.new(:id, :name, :kind, :stage, :receipts, :cost, :profit, :seconds)
      # points: Array of Point with hours; without: flips whose hours or profit are not known; pays: minor units an
      # hour whose lines are drawn.
      Answer = Struct.new(:points, :without, :left_out, :pays, keyword_init: true)
      # best, worst: Array of [Point, Array of sentences].
      Standouts = Struct.new(:best, :worst, :n, keyword_init: true)

      extend self

      # points: as #points gives them.
      def answer(points)
        known, unknown = points.partition { |point| point.profit && point.seconds }
        Answer.new(points: known.first(MAX_POINTS), left_out: [known.size - MAX_POINTS, 0].max, without: unknown.size,
                   pays: pays(known))
      end

      # The best and the worst with their reasons. Kept until anything is written.
      def standouts(filter) = Support::VersionedCache.once([:standouts, *filter.key]) { stand_out(points(filter)) }

      # Array of Point over flips that were sold or lost, the latest first. Kept until anything is written.
      def points(filter) = Support::VersionedCache.once([:spread, *filter.key]) { read(filter) }

      private

      def stand_out(points)
        known = points.select(&:profit).sort_by { |point| [-point.profit, point.id] }
        reasons = reasons(known)
        worst = (known.size > SHOWN ? known.drop(SHOWN) : []).last(SHOWN).reverse
        best, worst = [known.first(SHOWN), worst].map { |some| some.map { |point| [point, reasons.for(point)] } }
        Standouts.new(best: best, worst: worst, n: known.size)
      end

      def read(filter)
        columns = "piece_id, pieces.name, pieces.kind, stage, receipts_minor, cash_in_minor, #{filter.profit}, #{filter.seconds}"
        scope = filter.scope.where(stage: Core::Books::Totals::PAID).joins(:piece).order(Arel.sql("ended_on DESC NULLS LAST, piece_id DESC"))
        Records::Base.connection.select_rows(scope.select(Arel.sql(columns)).to_sql).map { |row| Point.new(*row) }
      end

      # The house's floor and target, and what was earned.
      def pays(points)
        workshop = Support::Workshop.current
        seconds = points.sum(&:seconds)
        own = { "your pay" => Core::Flips::HourlyPay.of(points.sum(&:profit), seconds) }
        { "minimum pay" => workshop.floor_pay_minor, "target pay" => workshop.target_pay_minor, **own }.compact
      end

      def reasons(points)
        seconds = points.filter_map { |point| point.seconds if point.profit }.sum
        worked = points.select(&:seconds).sum(&:profit)
        pay = Core::Flips::HourlyPay.of(worked, seconds) if worked.positive?
        Core::Books::Reasons.new(points, pay: pay, text: Support::Workshop.current.amounts)
      end
    end
  end
end
