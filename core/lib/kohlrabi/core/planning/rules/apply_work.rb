# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Rules
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
              on.each_with_index do |zone, index|
                step(work, key, step, zone, place, first: index.zero?)
              end
            end
          end

          # What the tool says of all zones stands on the first of them.
          def step(work, key, step, zone, place, first:)
            parts = work.row[:each_zone] || first ? work.parts : 0
            minutes = (parts * (step[:each] || 0)) + (zone.square_metres * (step[:m2] || 0))
            all = work.row[:each_zone] ? work.parts * brief.zones.count { |one| work.on?(one) } : work.parts
            tasks << Task.new(key: key, seq: place + (work.id.to_i / 1_000_000.0), zone: zone.key, minutes: minutes, fixed: step[:fixed] || 0,
                              label: format(step[:label], parts: all), materials: materials(work, step, zone, parts, first && place.zero?),
                              acts: Array(step[:act]), cautions: (step[:cautions] || []).map(&:to_s), wait: step[:wait] || 0,
                              **step.slice(:phase, :kind, :verb, :wait_why, :done, :why))
          end

          # Glue by the part or the area; what the tool asks for goes with the first step.
          def materials(work, step, zone, parts, whole)
            glue = (parts * (step[:glue] || 0)) + (zone.square_metres * (step[:glue_m2] || 0))
            own = whole ? work.materials.to_h { |key, amount| [products.fetch(key)[:key], amount] } : {}
            glue.positive? ? own.merge(products.fetch("glue")[:key] => glue) { |_, one, other| one + other } : own
          end
        end
      end
    end
  end
end
