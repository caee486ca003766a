# frozen_string_literal: true

module Core
  module Flips
    # The chain of dated events of one flip, from bought to its end. The stage is a pure fold over it.
    # Each correction builds the chain again, so that an impossible order is refused whatever was changed.
    class Chain
      STAGES = { bought: "bought", first_work: "on the bench", ready: "ready", listed: "listed", price_changed: "listed",
                 sold: "sold", refunded: "sold", kept: "kept", given_away: "given away", scrapped: "scrapped",
                 parted_out: "parted out", lost: "lost", split: "split" }.freeze
      # Stages in which all that went in is lost.
      LOST = ["scrapped", "parted out", "lost"].freeze
      ONCE = %i[first_work ready listed].freeze

      attr_reader :events

      # bought_on: Date or nil (not known). events: Array of Event in any order, :bought left out.
      # worked_from: Date of the earliest dated work at the bench, or nil; it stands for a first-work event
      # that nobody recorded, where it fits between the others.
      # Raises Refusal naming both dates of an impossible order.
      def initialize(bought_on:, events: [], worked_from: nil)
        @bought = Event.new(kind: :bought, on: bought_on)
        @events = [@bought, *events].sort_by { |event| [event.rank, event.on || Date.new(0), event.position] }
        check_once
        check_order
        check_dependants
        @events = with_inferred_work(worked_from).freeze
      end

      # "bought", "on the bench", "ready", "listed", "sold", "kept", "given away", "scrapped", "parted out", "lost"
      # or "split".
      def stage = STAGES.fetch(events.last.kind)

      def ended? = !ending.nil?
      def ending = events.find(&:ending?)
      def find(kind) = events.find { |event| event.kind == kind }

      # Date of an event kind, or nil when it has not happened or its date is not known.
      def on(kind) = find(kind)&.on

      # The asking price that stands now, in minor units, or nil.
      def asking = events.reverse.find { |event| event.asking && event.rank.between?(3, 4) }&.asking

      # Whether the first work was read off the hours instead of being recorded.
      def first_work_inferred? = @inferred

      private

      def check_once
        ONCE.each do |kind|
          first, second = events.select { |event| event.kind == kind }
          refuse_twice(first, second) if second
        end
        first, second = events.select(&:ending?)
        refuse_twice(first, second) if second
      end

      def refuse_twice(first, second)
        raise Refusal.new(:outcome_recorded_already, field: :kind, first: lower(first.text), second: lower(second.text))
      end

      def check_order
        events.select(&:on).each_cons(2) do |earlier, later|
          next if earlier.on <= later.on || earlier.rank == later.rank

          raise Refusal.new(:dates_out_of_order, field: :on, later: later.text, earlier: lower(earlier.text))
        end
      end

      def check_dependants
        needs(:price_changed, :listed, :never_listed)
        needs(:refunded, :sold, :not_sold_yet)
      end

      def lower(text) = "#{text[0].downcase}#{text[1..]}"

      def needs(kind, earlier, code)
        return unless find(kind) && !find(earlier)

        raise Refusal.new(code, field: :kind, event: find(kind).text)
      end

      def with_inferred_work(date)
        @inferred = false
        return events if date.nil? || find(:first_work) || (@bought.on && date < @bought.on)

        following = events.reject { |event| event.kind == :bought }
        return events if following.any? { |event| event.on.nil? ? event.rank > 1 : event.on < date }

        @inferred = true
        [@bought, Event.new(kind: :first_work, on: date), *following]
      end
    end
  end
end
