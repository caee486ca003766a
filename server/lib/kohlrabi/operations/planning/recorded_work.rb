# frozen_string_literal: true

module Operations
  module Planning
    # What was worked, taken and bought for a piece so far, as its plan has to know it.
    module RecordedWork
      # Associations of a piece that it is read from.
      PARTS = [:summary,
               { cost_links: :cost, work_shares: :work_entry,
                 cost_shares: { cost: [:shares, { draws: :container }] } }].freeze

      extend self

      # Core::Planning::Recorded of a piece.
      def of(piece)
        on_steps = piece.work_shares.select { |share| share.deed && share.work_entry.deletion_id.nil? }
        drawn = piece.cost_shares.select { |share| share.cost.deletion_id.nil? && share.cost.draws.any? }
        taken, for_steps = drawn.flat_map do |share|
          draws(share)
        end.partition { |step, _, _| step.nil? }.map { |rows| amounts(rows) }
        Core::Planning::Recorded.new(on_steps: seconds(on_steps, &:step), taken: taken, for_steps: for_steps,
                                     bought: StillToBuy.covered(piece).filter_map { |item| item[/\Aproduct:(.+)/, 1] },
                                     closed: closed?(piece), touch_ups: touch_ups(piece))
      end

      # Ids of problems noted after the piece was ready that the person wants touched up.
      def touch_ups(piece) = piece.findings.select { |finding| finding.touch_up == "planned" }.map(&:id)

      # Whether the work on it has ended: it is ready, or further.
      def closed?(piece) = piece.summary.present? && Flips::Lists::IN_WORK.exclude?(piece.summary.stage)

      private

      def seconds(shares, &) = shares.group_by(&).transform_values { |all| all.sum(&:seconds) }

      # [step or nil, product key, its part of the amount] of each draw of a cost that it bears a share of.
      def draws(share)
        weights = share.cost.shares.map { |one| one.weight.to_r }
        part = weights.sum.zero? ? Rational(1, weights.size) : share.weight.to_r / weights.sum
        share.cost.draws.map { |draw| [draw.step, draw.container.product, Rational(draw.amount_thousandths, Shelf::Containers::THOUSANDTHS) * part] }
      end

      def amounts(rows) = rows.group_by { |_, product, _| product }.transform_values { |all| all.sum(&:last) }
    end
  end
end
