# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Pulls are cleaned where they are kept clean or sprayed.
      class CleanPulls < PieceRule
        rule "Clean the pulls",
             on: "the look has them cleaned or sprayed",
             why: "paint does not hold on grease, and old grease dulls metal"
        EACH = 1.0 # minutes

        def applies? = pulls_off? && %w[cleaned sprayed].include?(look.hardware)
        def plan = add(:hardware_clean, [WholePiece::HARDWARE], minutes: EACH * pulls)
      end

      # Pulls are sprayed apart: a primer for metal and two thin coats.
      class SprayPulls < PieceRule
        rule "Spray the pulls",
             on: "the look has them sprayed",
             why: "thin coats from a can do not run; bare metal wants its own primer",
             source: "common practice, weak"
        AEROSOL = 15.0 # ml a pull and coat
        EACH = 0.5 # minutes a pull and coat
        COATS = 2

        def applies? = pulls_off? && look.hardware == "sprayed"

        def plan
          primer = products.fetch("aerosol_primer")
          paint = products.fetch("aerosol")
          spray(:hardware_prime, "hardware-prime", primer, 0, primer[:recoat])
          COATS.times do |coat|
            spray(:hardware_coat, "hardware-coat/#{coat + 1}", paint, coat, paint[coat.zero? ? :recoat : :handle])
          end
        end

        private

        def spray(name, key, row, coat, wait)
          add(name, [WholePiece::HARDWARE], key: key, minutes: EACH * pulls, seq: coat,
                                            words: { with: row[:label], coat: coat + 1 }, wait: wait,
                                            wait_why: row[:label], materials: { row[:key] => AEROSOL * pulls },
                                            cautions: row[:cautions])
        end
      end

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
          add(:level_holes, open, minutes: pulls/2r, words: { how: wet? ? " with a damp sponge, no dust" : "" },
                                  grits: wet? ? [] : [150],
                                  cautions: wet? ? %w[lead] : [], wet: wet?)
        end

        def drill
          add(:drill, pulled, minutes: 3.5r * pulls, words: { how: wet? ? "through a damp cloth" : "with a jig" },
                              cautions: wet? ? %w[lead] : %w[dust],
                              wet: wet?)
        end
      end

      # Pulls go back, or the new ones on, when all may be handled.
      class PullsOn < PieceRule
        rule "Pulls on",
             on: "pulls were taken off",
             why: "parts go back after they may be handled"

        def applies? = pulls_off?

        def plan
          what = pulls_replaced? ? "Fit the new pulls" : "Put the hardware back"
          add(:hardware_on, pulled + [WholePiece::HARDWARE], minutes: 1.5r * pulls, seq: 0, words: { what: what },
                                                             not_before: (look.hardware_on if pulls_replaced?))
        end
      end

      # Hinges, pins, knobs, locks, catches and castors, each kind by what the look says of it; what is missing is
      # matched and ordered first.
      class Fittings < PieceRule
        rule "Fittings by kind",
             on: "the look names hinges, shelf pins, knobs, locks, catches or castors",
             why: "fittings painted round always show it, and one that is missing holds the refitting up"
        COATS = 2
        WHERE = WholePiece::HARDWARE

        def applies? = look.fittings.any?
        def plan = look.fittings.each { |fitting| treat(fitting) }

        private

        def treat(fitting)
          match(fitting) if fitting.missing.to_i.positive? && fitting.stays?
          off(fitting) unless fitting.treatment == "kept" || fitting.there.zero?
          clean(fitting) if %w[cleaned sprayed].include?(fitting.treatment)
          spray(fitting) if fitting.treatment == "sprayed"
          on(fitting)
        end

        def match(fitting)
          step(:fitting_match, fitting, minutes: 0, words: { number: fitting.missing })
        end

        def off(fitting) = step(:fitting_off, fitting, minutes: fitting.row[:take] * fitting.there)
        def clean(fitting) = step(:fitting_clean, fitting, minutes: fitting.row[:clean] * fitting.number)

        def spray(fitting)
          %w[aerosol_primer aerosol aerosol].each_with_index do |product, coat|
            row = products.fetch(product)
            step(:fitting_spray, fitting, key: "fitting-spray/#{fitting.kind}-#{coat + 1}", seq: coat, words: { with: row[:label] },
                                          minutes: fitting.row[:spray] * fitting.number, wait: row[coat == COATS ? :handle : :recoat],
                                          materials: { row[:key] => fitting.row[:ml].to_f * fitting.number },
                                          wait_why: row[:label], cautions: row[:cautions])
          end
        end

        # New ones are fitted, those that were off go back, and those that stayed take the missing ones along.
        def on(fitting)
          return unless fitting.stays?

          kept = fitting.treatment == "kept"
          new = fitting.treatment == "replaced" ? fitting.number : fitting.missing.to_i
          back = kept || fitting.treatment == "replaced" ? 0 : fitting.there
          step(:fitting_new, fitting, minutes: fitting.row[:fit] * new, words: { number: new }) if new.positive?
          step(:fitting_back, fitting, minutes: fitting.row[:back] * back) if back.positive?
        end

        def step(name, fitting, words: {}, key: "#{name.to_s.tr('_', '-')}/#{fitting.kind}", **rest)
          add(name, [WHERE], key: key, words: { what: fitting.label }.merge(words), **rest)
        end
      end
    end
  end
end
