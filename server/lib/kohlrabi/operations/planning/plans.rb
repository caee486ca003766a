# frozen_string_literal: true

module Operations
  module Planning
    # The plan of a piece, made again from its records whenever it is asked for, and what follows from it.
    module Plans
      FRONTS = %w[fronts doors].freeze
      PLANNED = [Records::Finding, Records::Look, Records::PlanEdit, Records::StepMark, Records::Experience].freeze
      # Associations of a piece that its plan is made from.
      PARTS = [:planned_shape, :zone_changes, :step_marks, :plan_edits, :experiences, :confirmations,
               { findings: %i[own_finding photos], looks: %i[look_zones works fittings] }, *RecordedWork::PARTS].freeze

      extend self

      # Core::Planning::Plan by the chosen look, or by another; nil where a piece has no look yet. shared: workshop and
      # house where they are at hand; changed: as for #brief.
      def of(piece, look: nil, workshop: Support::Workshop.current, house: nil, **changed)
        plan = lambda do
          Records::Base.preload_all([piece], PARTS)
          asked = look || chosen(piece) or next
          brief = brief(piece, asked, workshop: workshop, house: house || self.house(workshop), **changed)
          PlanMemory.of(brief) { Core::Planning::Planner.new(brief).plan }
        end
        return plan.call unless changed.empty? && stored?(piece) && (look.nil? || stored?(look))

        Support::VersionedCache.once([:plan, piece.id, look&.id], &plan)
      end

      def chosen(piece) = piece.chosen_look

      # Core::Planning::Brief. house: what all plans share; changed: fields to put in place of the recorded ones.
      def brief(piece, look, workshop: Support::Workshop.current, house: self.house(workshop), **changed)
        zones = Drawing.zones(piece)
        recorded = { kind: piece.kind, unit: workshop.length_unit, tips: Core::Planning::TipOver.any?(Drawing.shape(piece)),
                     zones: Core::Planning::Repeats.expand(zones, piece.units), findings: Findings.planned(piece),
                     acts: acts(piece, workshop), look: Looks.core(look), lead: piece.lead_answer,
                     after_limit: Core::Planning::Cautions.made_after_limit?(piece.made_about), trials: trials(piece),
                     marks: piece.step_marks.map { |mark| Core::Planning::Mark.new(deed: mark.deed, zone: mark.zone) },
                     edits: PlanEdits.core(piece), under: under(piece, zones), recorded: RecordedWork.of(piece) }
        recorded[:together] = Together.keys(piece, house) unless changed.key?(:together)
        products = house.fetch(:products).with_swaps(JSON.parse(look.swaps))
        Core::Planning::Brief.new(**house, **recorded, products: products, **changed)
      end

      # Core::Planning::Brief of what lies on a piece, whether or not it has a look.
      def surfaces(piece)
        Support::VersionedCache.once([:surfaces, piece.id]) { brief(piece, chosen(piece) || Records::Look.new(piece: piece)) }
      end

      # What the plans of all pieces share: ways, products, learned factors, experience.
      def house(workshop = Support::Workshop.current)
        Support::VersionedCache.once(:plan_house) do
          { practices: Core::Planning::WorkshopPractices.new(workshop.practices_chosen), products: Shelf::Products.core(workshop),
            factors: Factors.known.transform_values(&:first), experiences: Experiences.core, tent: workshop.spray_tent }
        end
      end

      # Acts by which the shape as planned comes about.
      def acts(piece, workshop = Support::Workshop.current)
        return [] unless piece.planned_shape

        Core::Planning::Shape::Reshaping.between(Drawing.bought(piece), Drawing.shape(piece),
                                                 unit: workshop.length_unit)
      end

      # Minor units of new hardware still to be bought; nil where none is.
      def hardware_left(piece, look, plan)
        return if look.hardware != "replaced" || look.hardware_minor.nil? || RecordedWork.closed?(piece) || plan.step("hardware-on")&.done?

        StillToBuy.covered(piece).include?("hardware") ? 0 : look.hardware_minor
      end

      # When it can be ready: [the Answer as estimated, days when all goes well, days when it does not].
      def ready(plan, workshop: Support::Workshop.current)
        daily = workshop.weekly_seconds && (workshop.weekly_seconds / 7)
        step = Core::Planning::Step
        answers = [1, step::LOW, step::HIGH].map do |stretch|
          Core::Planning::Ready.new(plan, today: Support::Workshop.today, daily: daily,
                                          stretch: stretch).answer
        end
        [answers.first, answers[1].days, answers[2].days]
      end

      # The plan has changed: hours and money to come follow it, whatever somebody said before.
      def refresh(piece)
        of(piece) or return
        piece.update_columns(said_seconds: nil, said_cost_minor: nil) if piece.said_seconds || piece.said_cost_minor
        Flips::Summaries.refresh([piece.id])
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      # What makes a plan came back: hours and money to come follow it.
      def restored(records)
        planned = records.select { |record| PLANNED.include?(record.class) }
        Records::Piece.where(id: planned.filter_map(&:piece_id).uniq).each { |piece| refresh(piece) }
      end

      # The same for every piece in hand that has a plan; product: only those whose chosen look names it.
      def refresh_all(product: nil)
        looks = Records::Look.live.where(chosen: true)
        looks = looks.joins(:look_zones).where(look_zones: { product: product }) if product
        pieces = Records::Piece.live.where(id: looks.select(:piece_id)).joins(:summary).where(flip_summaries: { stage: Flips::Lists::IN_HAND })
        pieces.find_each { |piece| refresh(piece) }
      end

      # After a change: what it costs, in sentences, kept in the diary. before: the plan before it, or nil.
      def record_change(piece, before)
        refresh(piece)
        after = of(piece)
        lines = before && after ? differences(piece, before, after) : []
        Flips::Changes.write(piece, "plan", "Plan changed: #{lines.join(' ')}") if lines.any?
        lines
      end

      # Seconds of the marks whose step is not in the plan any more.
      def behind(piece, plan)
        left = plan.left_behind.map { |mark| [mark.key, mark.zone] }
        piece.step_marks.select { |mark| left.include?([mark.step, mark.zone]) }.sum(&:seconds)
      end

      private

      # Whether it is in the database as it stands here.
      def stored?(record) = record.persisted? && !record.changed?

      def differences(piece, before, after)
        hours = after.remaining - before.remaining
        money = cost(after) && cost(before) && (cost(after) - cost(before))
        lost = after.left_behind.size > before.left_behind.size
        [(unless hours.zero?
            "#{Core::Shelf::Amount.signed(hours) { |seconds| Core::Units::Effort.about(seconds) }} of work left."
          end),
         (unless money.nil? || money.zero?
            "#{Core::Shelf::Amount.signed(money) { |minor| Support::Workshop.current.amounts.about(minor) }} of materials."
          end),
         (if lost
            "#{Core::Units::Effort.text(behind(piece, after))} of work for an earlier look no longer counts."
          end)].compact
      end

      def cost(plan) = Shelf::Draws.expected_cost(plan.materials_left, plan.brief.products)

      # {step key => "worked" or "failed"} of what was tried on the piece, the latest first.
      def trials(piece)
        piece.experiences.select do |row|
          row.step&.start_with?("try-")
        end.to_h { |row| [row.step, row.worked ? "worked" : "failed"] }
      end

      # Colours as bought, by zone.
      def under(piece, zones)
        front = piece.front_colour || piece.body_colour
        zones.to_h { |zone| [zone.key, FRONTS.include?(zone.group) ? front : piece.body_colour] }.compact
      end
    end
  end
end
