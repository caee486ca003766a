# frozen_string_literal: true

module Core
  module Planning
    # All that a plan is made from. zones: Array of Shape::Zone; findings: Array of Inspection::Finding; acts: of
    # Shape::Reshaping;
    # lead: clear, present, unsure or nil (not answered); after_limit: made after the lead limit; trials: {step key =>
    # "worked" or "failed"};
    # tips: whether it can tip over as it will stand; marks: Array of Mark; edits: Array of Edit; factors: {kind of
    # work => Rational};
    # under: {zone => "#rrggbb"} as bought; unit: the workshop's unit of length, for what is said; tent: whether there
    # is one to spray in; recorded: Recorded, what was worked and taken so far; together: of each piece that is worked
    # on along with it, the Set of keys of its steps.
    Brief = Struct.new(:kind, :zones, :findings, :acts, :look, :practices, :products, :lead, :after_limit, :trials, :marks, :edits, :factors,
                       :experiences, :under, :tips, :unit, :tent, :recorded, :together, keyword_init: true)

    # What a brief answers.
    class Brief
      EDGE = /edge\z/
      HARDWARE = %w[kept cleaned sprayed replaced none].freeze
      INSTEAD = { "wash" => "paint", "stain" => "paint", "bleach" => "clear" }.freeze # finish that takes over where its trial failed
      INSIDES = %w[leave clean liner sealed].freeze

      def initialize(acts: [], findings: [], trials: {}, marks: [], edits: [], factors: {}, experiences: [], under: {},
                     lead: nil, after_limit: false, unit: "mm", tent: true, together: [], practices: WorkshopPractices.new,
                     products: Shelf::Products.new, kind: nil, tips: TipOver.kind?(kind), **rest)
        acts = acts.reject { |act| act.cut && trials["try-#{act.key}"] == "failed" }
        findings += acts.filter_map { |act| left_by(act, rest.fetch(:zones)) }
        super
      end

      # The choice for a zone: what is not shown stays as it is, what is shown is undecided, until somebody chooses.
      def choice(zone)
        key = Repeats.base(zone.key)
        chosen = look.choices[key] || ( # an edge goes with its top
                                       look.choices[key.sub(EDGE, "top")] if zone.role == "edge")
        return Choice.new(finish: zone.shown? ? "undecided" : "leave", over: []) unless chosen

        after_trials(chosen)
      end

      # Whether something was tried and did not work.
      def failed?(trial) = trials.any? { |key, result| result == "failed" && key.start_with?(trial) }

      def zones_of(*groups) = zones.select { |zone| groups.include?(zone.group) }

      # Findings that hold for a zone: its own, and those of the whole piece; what coats it only where it is seen.
      def findings_on(zone)
        (@findings_on ||= {})[zone.key] ||= begin
          key = Repeats.base(zone.key)
          own = by_zone.slice(*[key, key[%r{\A(.+)/}, 1]].compact).values.flatten
          own + (zone.shown? || zone.group == "shelves" ? by_zone.fetch(nil, []) : uncoated)
        end
      end

      # As many as somebody says, on fronts and doors; else one each.
      def pulls
        own = zones.count { |zone| zone.role == "front" && zone.group == "fronts" } + doors
        own.zero? ? 0 : look.pulls || own
      end

      def doors = zones_of("doors").map { |zone| [zone.key[/\A(upper-)?door-\d+/], zone.key[/@\d+\z/]] }.uniq.size

      # What rules ask of a zone under the choice for it.
      def course(zone) = (@courses ||= {})[zone.key] ||= ZonePlan.new(zone, self)

      # Applied work that is the face of a zone, or nil.
      def covering(zone) = look.works.reverse.find { |work| work.covers? && work.on?(zone) }

      # Whether a zone is new itself: legs that were not there.
      def fresh?(zone) = zone.group == "legs" && (look.works.any?(&:fresh?) || acts.any?(&:adds))

      # What a zone is now. signatures: of the coats planned, to tell them from what lies there already.
      def surface(zone, signatures = [])
        (@surfaces ||= {})[[zone.key, *signatures]] ||= Surface.new(zone, self, signatures)
      end

      # Whether work on any of the zones breaks an old finish, and whether that is forbidden.
      def old?(zones) = zones.any? { |zone| zone.area.positive? && surface(zone).old? }
      def sealed_in?(zones) = zones.any? { |zone| zone.area.positive? && surface(zone).sealed_in? }

      # Area in m² that is painted, on which the way of applying depends.
      def painted_area = @painted_area ||= zones.select { |zone| choice(zone).finish == "paint" }.sum(&:square_metres)

      # The marks as they lie over a plan.
      def laid_marks = @laid_marks ||= Marks.new(marks)

      def factor(kind) = factors.fetch(kind, 1)

      private

      def by_zone = @by_zone ||= findings.group_by(&:zone)

      # Findings of the whole piece that say nothing of its coating.
      def uncoated
        @uncoated ||= by_zone.fetch(nil, []).reject { |finding| finding.signs.intersect?(Inspection::Finding::COATINGS) }
      end

      # What was tried and failed gives way to its fallback.
      def after_trials(choice)
        instead = INSTEAD[choice.finish]
        return Choice.new(**choice.to_h, finish: instead, product: nil) if instead && failed?("try-#{choice.finish}")
        return Choice.new(**choice.to_h, product: nil) if choice.product && failed?("try-product/#{choice.product}")

        choice
      end

      def left_by(act, zones)
        return unless act.leaves && zones.any? { |zone| Repeats.base(zone.key) == act.zone }

        Inspection::Finding.new(id: act.key, key: act.leaves, zone: act.zone)
      end
    end
  end
end
