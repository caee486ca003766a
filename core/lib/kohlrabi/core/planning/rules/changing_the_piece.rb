# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # What the shape as planned is without comes off, into the stash where it is of use; a cut is marked and checked
      # first.
      class Reshape < PieceRule
        rule "Parts off and cuts",
             on: "the shape as planned differs from the one bought",
             why: "a cut cannot be taken back, so it is tried dry"
        STOP = 20 # minutes after which the trial is given up

        def applies? = brief.acts.any?

        def plan
          brief.acts.each do |act|
            next part_on(act) if act.adds

            act.cut ? cut(act) : part_off(act)
          end
        end

        private

        def part_off(act)
          add(:part_off, zones, key: act.key, words: { what: act.spare ? "#{act.label}; into the stash" : act.label })
        end

        # Where the look says how the legs are made, that stands.
        def part_on(act)
          return unless look.works.none?(&:fresh?)

          add(:part_on, zones.select do |zone|
            zone.group == "legs"
          end, key: act.key, words: { what: act.label })
        end

        def cut(act)
          add(:try_cut, zones, key: "try-#{act.key}", seq: -1,
                               try: { product: "saw", stop: STOP, fallback: "keep it as it is" })
          add(:cut, zones, key: act.key, words: { what: act.label })
        end
      end

      # Slats, wrap, legs and what else the look puts on: its steps in their place, with what the bench tool found.
      class ApplyWork < PieceRule
        rule "Applied work",
             on: "the look puts slats, wrap, grooves, mouldings, brackets, legs, panes or cloth on, or has a top cut in two",
             why: "new wood goes on clean, dull ground, before what is filled, sanded and painted with it"

        def applies? = look.works.any?
        def plan = look.works.each { |work| steps(work) }

        private

        def steps(work)
          on = brief.zones.select { |zone| work.on?(zone) }
          on = zones.first(1) if on.empty?
          work.steps.each_with_index do |(key, step), place|
            on.each_with_index { |zone, index| step(work, key, step, zone, place, first: index.zero?) }
          end
        end

        # What the tool says of all zones stands on the first of them.
        def step(work, key, step, zone, place, first:)
          parts = work.row[:each_zone] || first ? work.parts : 0
          tasks << Task.new(key: key, seq: place + (work.id.to_i / 1_000_000.0), zone: zone.key,
                            label: format(step[:label], parts: all(work)), acts: Array(step[:act]), cautions: step[:cautions].map(&:to_s),
                            minutes: (parts * step[:each]) + (zone.square_metres * step[:m2]),
                            materials: materials(work, step, zone, parts, first && place.zero?),
                            **step.slice(:phase, :kind, :verb, :fixed, :wait, :wait_why, :done, :why))
        end

        # How many parts there are in all.
        def all(work) = work.row[:each_zone] ? work.parts * brief.zones.count { |one| work.on?(one) } : work.parts

        # Glue by the part or the area; what the tool asks for goes with the first step.
        def materials(work, step, zone, parts, whole)
          glue = (parts * step[:glue]) + (zone.square_metres * step[:glue_m2])
          own = whole ? work.materials.to_h { |key, amount| [products.fetch(key)[:key], amount] } : {}
          glue.positive? ? own.merge(products.fetch("glue")[:key] => glue) { |_, one, other| one + other } : own
        end
      end
    end
  end
end
