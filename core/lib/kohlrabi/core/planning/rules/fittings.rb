# frozen_string_literal: true

module Core
  module Planning
    module Rules
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
