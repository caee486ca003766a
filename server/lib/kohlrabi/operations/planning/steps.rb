# frozen_string_literal: true

module Operations
  module Planning
    # Working a plan: what is done, what was answered and confirmed.
    module Steps
      extend Support::Refusing

      extend self

      # given: {"step", "zones"? (all that are open), "reason"? where it is too early}. Serious cautions must have been
      # confirmed for the piece. What waits afterwards starts its clock. tried: it was tried already, too early or not.
      # Returns the marks.
      def finish(piece_id, given, tried: false)
        Records::Base.transaction do
          piece, step, plan = step(piece_id, given)
          refuse_lead(step)
          check_cautions(piece, step)
          Bench::Clocks.check(piece, step, plan, given) unless tried
          marks(piece, step, plan, given, Flips::Work.who(given))
        end
      end

      # Everything up to a step was done: written down afterwards, so nothing is too early. given: {"step"}. What ends
      # with an answer is answered first, and serious cautions are read. The last is done now, those before it as long
      # ago as the work and the waits since then take, so that none of them still dries. Returns [step key, zones] of
      # each.
      def finish_up_to(piece_id, given)
        Records::Base.transaction do
          piece, last, plan = step(piece_id, given)
          open = plan.steps.take(plan.steps.index(last) + 1).reject(&:done?)
          refuse(:done_already, field: :step, step: last.label) if open.empty?
          open.each { |one| refuse_unanswered(piece, one) }
          open.zip(times(piece, open)).map { |one, at| [one.key, marks(piece, one, plan, {}, at: at).map(&:zone)] }
        end
      end

      # What to do now, where a step was ticked that should not have been done; a sentence, or nil. Asked before it is
      # ticked, while it is in the plan.
      def aftermath(piece_id, given)
        _, step, plan = step(piece_id, given)
        Core::Planning::Dangers.aftermath(step, plan.brief)
      end

      # A timer is about to run on a step. Returns the Core::Planning::Step. Raises Refused where it is done, too early,
      # or a caution is unread.
      def begin(piece_id, key, given)
        piece, step, plan = step(piece_id, { "step" => key })
        refuse(:done_already, field: :step, step: step.label) if step.done?
        refuse(:finish_not_chosen, field: :step) if step.key.start_with?("decide/")
        against = Core::Planning::Dangers.against(step, plan.brief)
        raise Support::Danger.new(against, piece: piece) if against

        check_cautions(piece, step)
        Bench::Clocks.check(piece, step, plan, given)
        step
      end

      # A step is done after its timer; what stood in its way was looked at when the timer started. A step that has left
      # the plan since, or that ends with an answer, stays as it is; one that somebody else ticked off meanwhile is
      # done. at: when it was done. Returns the costs of what was taken.
      def worked(piece_id, key, zones: nil, take: false, person: nil, at: Clock.now)
        piece = Support::Finder.find(Records::Piece, piece_id)
        plan = Plans.of(piece)
        step = plan&.step(key)
        return [] if step.nil? || step.done? || step.key == "lead"

        return tried(piece_id, key) if step.try

        taken = take ? Shelf::Draws.for_step(piece, step.materials_for(zones || step.zones), step: step.label) : []
        marks(piece, step, plan, { "zones" => zones }.compact, person, at: at)
        taken
      end

      # {step key => seconds} really worked on a piece's steps.
      def actual(piece)
        shares = Records::WorkShare.joins(:work_entry).where(piece: piece, work_entries: { deletion_id: nil })
        shares.where.not(deed: nil).group(:deed).sum(:seconds).transform_keys(&:key)
      end

      # Takes it back. given: as above; all zones where none is named.
      def reopen(piece_id, given)
        Records::Base.transaction do
          piece = Support::Finder.find(Records::Piece, piece_id)
          asked = Core::Planning::Deed.read(given["step"].to_s)
          marks = piece.step_marks.select do |mark|
            mark.deed.serves?(asked) && (given["zones"].nil? || Array(given["zones"]).include?(mark.zone))
          end
          refuse(:step_is_not_done, field: :step) if marks.empty?
          deletion = Support::Removal.of(marks, what: "“#{marks.first.label}” is open again")
          Plans.refresh(piece.reload)
          deletion
        end
      end

      # given: {"caution"}: a serious one that was read. Once per piece.
      def confirm(piece_id, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        key = given["caution"].to_s
        refuse(:not_a_caution, field: :caution, given: key) unless Core::Planning::Cautions::ROWS.key?(key.to_sym)

        piece.confirmations.find_or_create_by!(caution: key)
      end

      # Serious cautions of a step that nobody has confirmed for this piece, as keys.
      def unconfirmed(piece, step)
        step.cautions.select { |key| Core::Planning::Cautions.serious?(key) } - piece.confirmations.map(&:caution)
      end

      # A zone of the step is done, with what it was estimated at.
      def mark(piece, step, zone, **done)
        piece.step_marks.create!(step: step.key, zone: zone, label: step.label, work_kind: step.kind,
                                 seconds: step.seconds_on(zone), **done)
      end

      private

      # When each of the steps was done, the last of them now; none before the piece was bought.
      def times(piece, steps)
        bought = piece.bought_on&.in_time_zone(Support::Workshop.current.time_zone)
        at = Clock.now
        steps.each_cons(2).reverse_each.map do |one, following|
          at -= following.seconds + (one.wait * 60)
          [at, bought].compact.max
        end.reverse << Clock.now
      end

      def refuse_unanswered(piece, step)
        if step.try || step.key == "lead" || step.key.start_with?("decide/")
          refuse(:answer_comes_first, field: :step,
                                      step: step.label)
        end
        check_cautions(piece, step)
      end

      # A trial that is stopped as done has worked; what did not is said otherwise.
      def tried(piece_id, key)
        Experiences.create(piece_id, { "step" => key, "worked" => "yes" })
        []
      end

      def marks(piece, step, plan, given, person = nil, at: Clock.now)
        clock = Bench::Clocks.start(step, plan)
        done = { clock: clock, done_at: at, person: person } # one moment for all zones: they were done together
        made = open_zones(step, given).map { |zone| mark(piece, step, zone, **done) }
        Plans.refresh(piece.reload)
        made
      end

      def step(piece_id, given)
        piece = Support::Finder.find(Records::Piece, piece_id)
        plan = Plans.of(piece) or refuse(:no_plan_yet, field: :step)
        [piece, plan.step(given["step"].to_s) || refuse(:no_such_step, field: :step), plan]
      end

      def check_cautions(piece, step)
        key = unconfirmed(piece, step).first or return

        read = Core::Refusal.new(:read_the_caution_first, field: :caution,
                                                          caution: Core::Planning::Cautions.text(key.to_sym, unit: Support::Workshop.current.length_unit))
        raise Support::Danger.new(read, piece: piece, caution: key)
      end

      # The lead test ends with its answer, a trial with its result.
      def refuse_lead(step)
        refuse(:lead_test_needs_answer, field: :step) if step.key == "lead"
        refuse(:finish_not_chosen, field: :step) if step.key.start_with?("decide/")
      end

      def open_zones(step, given)
        open = step.zones - step.done_zones
        asked = given["zones"] ? Array(given["zones"]) : open
        asked.each { |zone| Core::Planning::Shape::Zones.check!(zone, step.zones, field: :zones) }
        left = asked & open
        refuse(:zones_done_already, field: :step) if left.empty?
        left
      end
    end
  end
end
