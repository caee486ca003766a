# frozen_string_literal: true

module Core
  module Flips
    # Turnaround in days by local calendar date: waiting, bench, waiting to be listed, market, whole.
    # Same day is 0. A part with an end that is not known is undefined, never 0.
    class Turnaround
      PARTS = { waiting: ["Waiting before work", :bought, :first_work],
                bench: ["On the bench", :first_work, :ready],
                waiting_to_list: ["Ready, not yet listed", :ready, :listed],
                market: ["For sale", :listed, :sold] }.freeze
      LANES = { bought: :waiting, first_work: :bench, ready: :waiting, listed: :market }.freeze

      # chain: Chain; today: Date, up to which a running part is counted.
      def initialize(chain, today:)
        @chain = chain
        @today = today
      end

      # Array of Figures (days), one a part, in order; a part that has begun runs until today.
      def parts
        PARTS.map { |key, (label, from, to)| part(key, label, from, to) }
      end

      # Days from bought to sold; undefined unless sold with both dates known.
      def whole
        label = "Days to sell"
        why = missing(:bought) || missing(:sold)
        return Figure.undefined(:turnaround, label, :days, why) if why

        Figure.plain(:turnaround, label, :days, (@chain.on(:sold) - @chain.on(:bought)).to_i)
      end

      # Days in hand so far, or until the flip ended; nil without the dates.
      def days_held
        last = @chain.ended? ? @chain.ending.on : @today
        (last - @chain.on(:bought)).to_i if last && @chain.on(:bought)
      end

      # The days strip: each day belongs to the latest stage that has begun.
      # Returns Array of {lane:, from:, to:, first_day:, last_day:, running:}; empty when bought_on is not known.
      def strip
        begun = @chain.events.select { |event| LANES.key?(event.kind) && event.on }
        return [] unless @chain.on(:bought) && days_held

        begun.each_with_index.filter_map do |event, index|
          following = begun[index + 1]
          to = following&.on || (@chain.ended? ? @chain.ending.on : @today)
          segment(event, to, running: following.nil? && !@chain.ended?)
        end
      end

      # The days that the strip bears out: [day on it, Date, Event], in order, each day once.
      def dates
        origin = @chain.on(:bought) or return []
        known = @chain.events.select { |event| event.on && event.on >= origin }
        known.group_by(&:on).sort.map { |on, events| [(on - origin).to_i, on, events.last] }
      end

      private

      def segment(event, to, running:)
        origin = @chain.on(:bought)
        return if to == event.on && !running

        { lane: LANES.fetch(event.kind), from: (event.on - origin).to_i, to: (to - origin).to_i,
          first_day: event.on, last_day: to, running: running }
      end

      def part(key, label, from, to)
        why = missing(from)
        return Figure.undefined(key, label, :days, why) if why

        last = @chain.on(to) || running_until(to)
        return Figure.undefined(key, label, :days, missing(to)) unless last

        Figure.plain(key, label, :days, (last - @chain.on(from)).to_i)
      end

      # A part runs until today only while nothing later has happened.
      def running_until(kind)
        @today if @chain.events.none? { |event| event.rank >= Event::RANKS.fetch(kind) }
      end

      def missing(kind)
        event = @chain.find(kind)
        return "#{Event::LABELS.fetch(kind).downcase}: not recorded" unless event

        "#{Event::LABELS.fetch(kind).downcase}: date unknown" unless event.on
      end
    end
  end
end
