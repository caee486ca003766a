# frozen_string_literal: true

module Core
  module Flips
    # Hours of one flip by both rules of counting: at the bench only, and with the work around it. Filming stands
    # apart.
    class HoursWorked
      attr_reader :by_kind

      # by_kind: Hash of kind key => Integer seconds. A kind that is absent was not recorded.
      def initialize(by_kind)
        @by_kind = by_kind
      end

      # Integer seconds, or nil when no hours of that sort were recorded (unknown differs from zero: a piece that was
      # only fetched has no hours at the bench, not none of them).
      def bench = (sum("bench") if recorded?("bench"))
      def all = (sum("bench") + sum("around") if recorded?("bench") || recorded?("around"))
      def apart = sum("apart")

      # The seconds that count by the house rule: "bench" or "all".
      def by(rule) = rule == "all" ? all : bench

      def figure(rule)
        label = rule == "all" ? "Hours, all" : "Hands-on hours"
        seconds = by(rule)
        return Figure.undefined(:hours, label, :effort, "no hours recorded") unless seconds

        counted = by_kind.select { |kind, _| rule == "all" ? WorkKinds.count(kind) != "apart" : WorkKinds.bench?(kind) }
        terms = counted.map { |kind, part| ["+", Figure.plain(kind.to_sym, WorkKinds.label(kind), :effort, part)] }
        Figure.sum(:hours, label, :effort, terms)
      end

      private

      def recorded?(count) = by_kind.any? { |kind, _| WorkKinds.count(kind) == count }

      def sum(count)
        by_kind.sum { |kind, seconds| WorkKinds.count(kind) == count ? seconds : 0 }
      end
    end
  end
end
