# frozen_string_literal: true

module Operations
  module Market
    # Core::Market::Standing of pieces in hand: every page, list, export and feed reads these. Made for all of them at
    # once and cached until anything is written; within a change each is made by itself.
    module Standings
      # Associations that they are made from.
      PARTS = [:summary, { looks: :look_zones }].freeze

      extend self

      # {piece id => Core::Market::Standing} of all pieces in hand.
      def all
        Support::VersionedCache.once([:standings, Support::Workshop.today]) do
          scope = Records::Piece.live.joins(:summary).where(flip_summaries: { stage: Flips::Lists::IN_HAND }).order(:id)
          waits = Waits.new
          scope.preload(PARTS).to_h { |piece| [piece.id, build(piece, waits)] }
        end
      end

      # Of one piece; nil once it has ended.
      def of(piece)
        return unless piece.summary && Flips::Lists::IN_HAND.include?(piece.summary.stage)

        kept = all unless Records::Base.connection.transaction_open? # a change asks for its own piece only
        kept&.fetch(piece.id, nil) || build(piece, Waits.new)
      end

      # {piece id => Core::Market::Standing} of several, of those that are in hand.
      def of_all(pieces)
        pieces = pieces.select { |piece| Flips::Lists::IN_HAND.include?(piece.summary.stage) }
        return {} if pieces.empty?

        waits = Waits.new
        cached = Records::Base.connection.transaction_open? ? {} : all
        pieces.to_h { |piece| [piece.id, cached[piece.id] || build(piece, waits)] }
      end

      # What is left of a price, minor units: the fee is rounded up.
      def take_home(price, workshop = Support::Workshop.current)
        price - (price * (workshop.fee_rate || 0)).ceil - workshop.selling_minor
      end

      private

      def build(piece, waits)
        workshop = Support::Workshop.current
        Core::Market::Standing.new(given(piece, waits, workshop), take_home: ->(price) { take_home(price, workshop) },
                                                                  text: workshop.amounts,
                                                                  minimum: workshop.floor_pay_minor, target: workshop.target_pay_minor)
      end

      def given(piece, waits, workshop)
        summary = piece.summary
        Core::Market::Standing::Given.new(
          id: piece.id, stage: summary.stage, work_left: Flips::ToCome.work_left(piece), worked: summary["#{workshop.hours_rule}_seconds"],
          spent: summary.cash_in_minor, still_to_spend: piece.cost_to_come_minor, asking: summary.asking_minor, go_on: piece.go_on,
          likely: summary.stage == "listed" ? waits.fetch(piece) : Values.fetch(piece), as_is: Values.expected_as_found(piece)
        )
      end
    end
  end
end
