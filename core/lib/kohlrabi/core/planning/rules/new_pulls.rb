# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Old holes are filled and level before new ones are drilled, and those before any coat. Where lead is there or
      # not ruled out, nothing makes dust.
      class NewPulls < PieceRule
        rule "Holes for new pulls",
             on: "pulls are replaced by such as do not fit the old holes",
             why: "drilling after the coats chips them"
        SAME = 0.5 # mm by which the spacing of new pulls may differ from the old holes

        # Whether new pulls go into the old holes. brief: Brief.
        def self.same_holes?(brief)
          old = brief.findings.find { |finding| finding.key == "old_holes" }&.measure
          !old.nil? && !brief.look.spacing.nil? && (old - brief.look.spacing).abs <= SAME
        end

        # Whether old holes on a zone are filled for new pulls.
        def self.fills?(brief, zone)
          on_it = %w[fronts doors].include?(zone.group) && brief.pulls.positive?
          on_it && brief.covering(zone).nil? && brief.look.hardware == "replaced" && !same_holes?(brief)
        end

        def applies? = pulls_off? && pulls_replaced? && !NewPulls.same_holes?(brief)

        def plan
          if open.any?
            fill(products.fetch(see_through? ? "filler_tinted" : "filler_two"))
            level
          end
          drill
        end

        private

        # Where the old holes are still to be seen: not under slats or wrap.
        def open = pulled.reject { |zone| brief.covering(zone) }

        def wet? = brief.sealed_in?(pulled)
        def see_through? = pulled.any? { |zone| Finishes.family(brief.choice(zone).finish) == "clear" }

        def fill(row)
          add(:fill_holes, open, minutes: 1.5 * pulls, wait: row[:sand], materials: { row[:key] => 4.0 * pulls },
                                 cautions: row[:cautions])
        end

        def level
          add(:level_holes, open, minutes: pulls, words: { how: wet? ? " with a damp sponge, no dust" : "" },
                                  grits: wet? ? [] : [150],
                                  cautions: wet? ? %w[lead] : [], wet: wet?)
        end

        def drill
          add(:drill, pulled, minutes: 5 * pulls, words: { how: wet? ? "through a damp cloth" : "with a jig" },
                              cautions: wet? ? %w[lead] : %w[dust],
                              wet: wet?)
        end
      end
    end
  end
end
