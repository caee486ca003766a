# frozen_string_literal: true

module Operations
  module Flips
    # One piece in a list, from its record and its summary alone.
    class ListRow
      EVENTS = { first_work: :started_on, ready: :ready_on, listed: :listed_on }.freeze
      # Which events must have happened by a stage even where their date is not known.
      REACHED = { "on the bench" => :first_work, "ready" => :ready, "listed" => :listed }.freeze

      # Associations that a row is made from.
      PARTS = %i[summary planned_shape].freeze

      attr_reader :piece, :summary, :standing, :view

      # Rows of several pieces, as of the workshop's today.
      def self.all(pieces, workshop)
        today = Support::Workshop.today
        standings = Market::Standings.of_all(pieces)
        views = Planning::Drawing.views(pieces)
        pieces.map { |piece| new(piece, workshop, today, standing: standings[piece.id], view: views.fetch(piece.id)) }
      end

      # standing: Core::Market::Standing; nil once the flip has ended. view: Planning::Drawing::View.
      def initialize(piece, workshop, today, standing:, view:)
        @piece = piece
        @standing = standing
        @view = view
        @summary = piece.summary
        @workshop = workshop
        @today = today
      end

      # Seconds by the house rule, nil when none were recorded.
      def seconds = @workshop.hours_rule == "all" ? summary.all_seconds : summary.bench_seconds

      # Minor units an hour as Rational; nil when undefined.
      def hourly_pay = Core::Flips::HourlyPay.of(summary.cash_profit_minor, seconds)

      # Core::Market::HoursBudget; nil once the flip has ended.
      def budget = standing && Market::Budgets.brief(standing, @workshop)

      def turnaround = @turnaround ||= Core::Flips::Turnaround.new(chain, today: @today)

      # The price to aim for while the piece is in hand: asking where it is listed, else target, else break-even.
      # Returns [label, minor units] or nil.
      def price
        return @price if defined?(@price)

        @price = chain.ended? ? nil : wanted
      end

      private

      def wanted
        return ["asking", summary.asking_minor] if summary.asking_minor

        target = prices.amount(:target)
        return ["target", target] if target

        prices.amount(:break_even)&.then { |amount| ["break-even", amount] }
      end

      def chain
        @chain ||= Core::Flips::Chain.new(bought_on: piece.bought_on, events: events)
      end

      def events
        stage = summary.stage
        list = EVENTS.filter_map do |kind, column|
          on = summary[column]
          Core::Flips::Event.new(kind: kind, on: on) if on || REACHED[stage] == kind
        end
        ending = stage.tr(" ", "_").to_sym
        list << Core::Flips::Event.new(kind: ending, on: summary.ended_on) if Core::Flips::Event::ENDINGS.include?(ending)
        list
      end

      def prices
        @prices ||= Core::Market::CostAndPay.new(
          costs: summary.cash_in_minor && (summary.cash_in_minor + piece.cost_to_come_minor.to_i),
          seconds: ToCome.known_seconds(piece, seconds),
          fee_rate: @workshop.fee_rate || 0, fixed: @workshop.selling_minor,
          floor_pay: @workshop.floor_pay_minor, target_pay: @workshop.target_pay_minor
        )
      end
    end
  end
end
