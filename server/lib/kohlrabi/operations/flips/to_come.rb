# frozen_string_literal: true

module Operations
  module Flips
    # Hours and money to come, one figure for all that reads it: floor, target, budget, price steps, pay and lists.
    # They follow the plan, or what somebody said, less what was recorded since; with the work they end.
    module ToCome
      WORK = Lists::IN_WORK
      # What is left, with what somebody said, and what had been recorded by then.
      SAID = { seconds_to_come: %i[said_seconds said_after_seconds],
               cost_to_come_minor: %i[said_cost_minor said_after_minor] }.freeze

      extend self

      # Counts again for some pieces. Nothing is known of a piece without a plan of which nobody has said anything.
      def renew(ids)
        Planning::Together.forget
        ids = Planning::Together.with_mates(ids) # what one of a set takes, the others share
        working = in_work(ids)
        finish(Records::Piece.where(id: ids).where.not(id: working))
        put_off_all if learned_anew?
        planned = Records::Look.live.where(piece_id: ids, chosen: true).select(:piece_id)
        open = Records::Piece.where(id: working).merge(Records::Piece.where(id: planned).or(said))
        open = open.pluck(:id) # most have no plan: theirs is not looked up
        return if open.empty?

        Records::Piece.where(id: open).preload(Planning::Plans::PARTS).each { |piece| renew_one(piece) }
      end

      # Counts what a database of an earlier version, or a server that was ended, left open.
      def complete
        return by_new_rules if Support::Workshop.current.figures_version < Records::Workshop::FIGURES

        renew(Records::Piece.live.where(id: planned(Records::Piece.live.select(:id)), seconds_to_come: nil).pluck(:id))
      end

      # Seconds of work left of a piece; nil where that is not known: nothing is planned and nobody has said it, or more
      # than was said has been worked (then it is asked).
      def work_left(piece)
        seconds = piece.seconds_to_come
        return seconds.to_i unless WORK.include?(piece.summary.stage)

        seconds unless seconds&.zero? && piece.said_seconds.to_i.positive?
      end

      # All seconds of a piece, those worked and those left; nil where those left are not known. worked: seconds or nil.
      def all_seconds(piece, worked) = work_left(piece)&.then { |left| worked.to_i + left }

      # The seconds that are known of, for what a price must cover at least; nil where none are.
      def known_seconds(piece, worked) = (worked.to_i + piece.seconds_to_come.to_i if worked || piece.seconds_to_come)

      # Those among some pieces, or a selection of them, that are worked on by a plan: a selection of their ids.
      def planned(ids) = in_work(Records::Look.live.where(piece_id: ids, chosen: true).select(:piece_id))

      # Those among some pieces, or a selection of them, that are worked on: not ready yet, or to be touched up. A
      # selection of their ids.
      def in_work(ids)
        touched = Records::Finding.live.where(touch_up: "planned").select(:piece_id)
        rows = Records::FlipSummary.where(piece_id: ids)
        rows.where(stage: WORK).or(rows.where(stage: Lists::IN_HAND, piece_id: touched)).select(:piece_id)
      end

      # What somebody says is to come from now on. values: attributes with :seconds_to_come and :cost_to_come_minor,
      # as far as they are given. Returns them as they are kept.
      def say(values)
        kept = values.dup
        SAID.each { |name, (said, after)| kept.merge!(said => kept[name], after => nil) if kept.key?(name) }
        kept
      end

      # Minor units that the open steps of a plan and new hardware still cost; nil where a price is not known.
      def cost(piece, plan)
        materials = Shelf::Draws.expected_cost(plan.materials_left, plan.brief.products) or return
        look = Planning::Plans.chosen(piece)
        materials + Planning::Plans.hardware_left(piece, look, plan).to_i + Planning::AppliedWorks.cost_left(piece, look, plan).to_i
      end

      # Pieces of which somebody has said something, or of which something stood.
      def said
        SAID.flat_map do |left, (said, _)|
          [left, said]
        end.map { |name| Records::Piece.where.not(name => nil) }.reduce(:or)
      end

      private

      # Whether finished pieces teach other factors than those that work left was counted with; remembered.
      def learned_anew?
        workshop = Support::Workshop.current
        now = JSON.generate(Planning::Factors.known.transform_values { |factor, _| factor.to_f.round(6) })
        return false if workshop.learned_factors.to_s == now || (workshop.learned_factors.nil? && now == "{}")

        workshop.update_columns(learned_factors: now)
        true
      end

      # All that is worked on by a plan is counted before the next answer.
      def put_off_all = DeferredPlans.put_off(planned(Records::Piece.live.select(:id)).pluck(:piece_id))

      # A database of an earlier version: work left of all pieces in hand is counted again. What hours without a step
      # had taken off steps that nobody ticked is asked about, once a piece.
      def by_new_rules
        Records::Base.transaction do
          ids = Records::FlipSummary.where(stage: Lists::IN_HAND, live: true).pluck(:piece_id)
          renew(ids)
          working = Records::Piece.live.where(id: planned(ids))
          working.preload(Planning::Plans::PARTS).each { |piece| Questions.ask_old_hours(piece, Planning::DoneWith.unticked_hours(piece)) }
          Support::Workshop.current.update_columns(figures_version: Records::Workshop::FIGURES)
        end
      end

      # Nothing is to come where something was.
      def finish(pieces)
        %i[seconds_to_come cost_to_come_minor].each do |name|
          pieces.where.not(name => [nil, 0]).update_all(name => 0, updated_at: Clock.now)
        end
      end

      def renew_one(piece)
        plan = Planning::Plans.of(piece)
        piece.seconds_to_come = left(piece, :seconds_to_come, piece.summary.bench_seconds) { plan&.remaining }
        piece.cost_to_come_minor = left(piece, :cost_to_come_minor, spent(piece.summary)) { plan && cost(piece, plan) }
        used_up = plan.nil? && piece.seconds_to_come_changed? && piece.seconds_to_come&.zero? && piece.said_seconds.to_i.positive?
        piece.update_columns(**piece.slice(*piece.changed), updated_at: Clock.now) if piece.changed?
        Questions.ask_said(piece) if used_up
      rescue Core::Refusal # a plan that cannot be made says so on its own page; what was known of it stands
        nil
      end

      # What is left of what was said, by what was recorded since; else what the block says.
      def left(piece, name, now)
        said, after = SAID.fetch(name)
        return yield if piece[said].nil?

        piece[after] ||= now.to_i
        [piece[said] - [now.to_i - piece[after], 0].max, 0].max
      end

      def spent(summary) = summary.materials_minor.to_i + summary.hardware_minor.to_i
    end
  end
end
