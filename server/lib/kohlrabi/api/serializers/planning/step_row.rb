# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Planning
        # One step of a plan, with all that is shown before it starts.
        class StepRow
          PLACES = { "bench" => "at the bench", "outdoors" => "outdoors", "tent" => "in the spray tent" }.freeze
          OWN = { "time" => "your own time", "wait" => "your own wait", "label" => "your own words", "note" => "your note" }.freeze

          # Several alike, each to be ticked off by itself.
          def self.units(step)
            numbers = Core::Planning::Repeats.by_number(step.zones)
            numbers.map { |number, keys| { label: "#{number} of #{numbers.size}", zones: keys, done: (keys - step.done_zones).empty? } }
          end

          # plan: Core::Planning::Plan; days: {step key => Date} of the schedule; drawn: measures; confirmed: keys of cautions read;
          # actual: {step key => seconds} really worked; sprayers: {product key => setting}; say: Say.
          def initialize(step, plan, days:, drawn:, confirmed:, actual:, sprayers:, say:)
            @step = step
            @plan = plan
            @days = days
            @drawn = drawn
            @confirmed = confirmed
            @actual = actual
            @sprayers = sprayers
            @say = say
          end

          def to_h = { **what, **how_long, **with_what, **care, **order }

          private

          attr_reader :step

          def what
            { key: step.key, label: step.label, phase: Core::Planning::Phases.label(step.phase), kind: step.kind, kind_label: Core::Flips::WorkKinds.label(step.kind),
              zones: step.zones, units: StepRow.units(step), where: where, state: step.state, done_zones: step.done_zones,
              done_when: step.done_when, why: step.why, notes: step.notes, decide: step.key.start_with?("decide/"), lead: step.key == "lead" }
          end

          def where
            repeats = Core::Planning::Repeats
            Core::Planning::ZoneWords.list(step.zones.map { |key| repeats.base(key) }.uniq, repeats.single(@plan.brief.zones))
          end

          def how_long
            { time: @say.effort(step.seconds), range: "#{Core::Units::Effort.text(step.low)} to #{Core::Units::Effort.text(step.high)}",
              remaining: @say.effort(step.remaining), wait: waited(step.wait), wait_why: step.wait_why, not_before: @say.day(step.not_before), on: on,
              actual: @say.effort(@actual[step.key]) }
          end

          def with_what
            materials = step.materials.map do |key, amount|
              row = @plan.brief.products.fetch(key)
              { product: key, label: row[:label], swatch: row[:colour]&.hex, text: @say.amount(amount, row) }
            end
            { place: PLACES.fetch(step.place), floor: floor, materials: materials, grits: step.grits.map { |grit| "P#{grit}" }, ways: step.ways,
              sprayer: sprayer }
          end

          # How the sprayer was set for what is sprayed here.
          def sprayer
            return unless step.ways.include?("spray")

            step.materials.keys.filter_map do |key|
              @sprayers[Core::Shelf::Products.product(key)]&.then do |row|
                Operations::Shelf::Sprayers.text(row)
              end
            end.first
          end

          def care
            cautions = step.cautions.map do |key|
              row = Core::Planning::Cautions.row(key, unit: @say.workshop.length_unit)
              { key: key, text: row[:text], wear: row[:wear], waste: row[:waste], serious: row[:serious] == true,
                confirmed: @confirmed.include?(key) }
            end
            { cautions: cautions, try: step.try&.slice(:stop, :fallback), outside: step.outside?, remembered: step.remembered.map do |one|
              remembered(one)
            end }
          end

          def order
            needs = step.needs.map { |need| { key: need.key, label: @plan.step(need.key).label, wait: waited(need.wait), why: need.why } }
            { needs: needs, edits: edits }
          end

          def waited(minutes) = minutes.zero? ? nil : @say.wait(minutes)

          def floor
            square = Core::Planning::Space.of(step, @plan.brief.zones, width: @drawn[:width], depth: @drawn[:depth])
            square.zero? ? nil : @say.area(square)
          end

          # The day on which it could be worked.
          def on
            @say.day(@days[step.key])
          end

          def edits
            @plan.brief.edits.filter_map do |edit|
              word = word(edit)
              { id: edit.id, text: word } if word
            end
          end

          def word(edit)
            return OWN[edit.kind] if step.edits.include?(edit)
            return "moved by you" if edit.kind == "before" && edit.step == step.key
            return "added by you" if edit.kind == "add" && Core::Planning::Edits.key_of(edit) == step.key

            "split by you" if edit.kind == "split" && step.key.start_with?("#{edit.step}#")
          end

          def remembered(one)
            lost = one.seconds_lost.positive? ? ", #{Core::Units::Effort.text(one.seconds_lost)} lost" : ""
            "#{one.worked ? 'Worked' : 'Did not work'} before on #{one.surface}#{" by #{one.tool}" if one.tool}#{lost}#{": #{one.note}" if one.note}"
          end
        end
      end
    end
  end
end
