# frozen_string_literal: true

require "spec_helper"

# Over many generated pieces, findings and looks.
RSpec.describe "plans of any piece" do
  planning = Core::Planning
  kinds = Core::Planning::Shape::Kinds.names
  materials = [nil, "solid", "veneer", "laminate", "plywood", "board"]
  keys = Core::Planning::Inspection::Findings::BY_KEY.keys
  finishes = planning::Finishes::BY_KEY.keys
  colours = [nil, "#ffffff", "#e8e0d0", "#7d9468", "#243b53", "#0b0b0b"]

  any_choice = lambda do |random|
    planning::Choice.new(finish: finishes.sample(random: random), over: planning::Finishes::OVER.sample(random.rand(3), random: random),
                         colour: colours.sample(random: random), undercolour: random.rand < 0.2 ? colours.sample(random: random) : nil,
                         wear: [nil, *planning::Coats::WEAR.keys].sample(random: random), options: %w[paint stain oil].sample(2, random: random))
  end

  any_brief = lambda do |random|
    kind = kinds.sample(random: random)
    zones = Plans.zones(kind, materials.sample(random: random), base: %w[legs plinth none].sample(random: random))
    found = Array.new(random.rand(8)) do
      [keys.sample(random: random), random.rand < 0.5 ? zones.sample(random: random).key : nil, random.rand(1..6)]
    end
    few = Array.new(3) { any_choice.call(random) }
    choices = zones.to_h { |zone| [zone.key, few.sample(random: random)] }.reject { random.rand < 0.1 }
    practices = planning::WorkshopPractices::ALL.to_h { |row| [row[:question], row[:choices].sample(random: random)[:key]] }
    look = { wear: planning::Coats::WEAR.keys.sample(random: random), hardware: planning::Brief::HARDWARE.sample(random: random),
             inside: planning::Brief::INSIDES.sample(random: random), primer: %w[auto none primer_bond].sample(random: random) }
    Plans.brief(kind, zones, choices, findings: Plans.findings(*found), practices: planning::WorkshopPractices.new(practices), look: look,
                                      lead: [nil, "clear", "present"].sample(random: random))
  end

  it "are acyclic, prime before they coat, never touch what is wet, end ready, and add up" do
    200.times do |seed|
      brief = any_brief.call(Random.new(seed))
      plan = planning::Planner.new(brief).plan
      expect(plan.graph).to be_acyclic, "seed #{seed}"
      places = plan.steps.each_with_index.to_h { |step, place| [step.key, place] }

      plan.steps.each do |step|
        step.zones.each do |zone|
          later = plan.steps.select { |other| other.zones.include?(zone) && places[other.key] > places[step.key] }
          if step.phase == "coat"
            expect(later.map(&:phase)).not_to include("prime"),
                                              "seed #{seed}: #{step.label} before its primer on #{zone}"
          end
          broken = # edges are worn last
            later.select(&:breaks?).reject do |other|
              other.tasks.any? do |task|
                task.acts.include?("wear")
              end
            end
          expect(broken).to be_empty, "seed #{seed}: breaks the finish after #{step.label}" if %w[prime coat colour
                                                                                                  clear].include?(step.phase)
        end
      end

      expect(plan.seconds).to eq(plan.steps.sum(&:seconds)), "seed #{seed}"
      expect(plan.materials.values.sum).to be_within(1e-6).of(plan.steps.sum { |step|
        step.materials.values.sum
      }), "seed #{seed}"
      expect(plan.steps.map(&:phase).last).to eq("show"), "seed #{seed}"
      tested = plan.step("lead")
      if tested
        expect(plan.steps.select(&:breaks?).reject do |step|
          places[step.key] > places["lead"]
        end).to be_empty, "seed #{seed}"
      end
      expect(plan.steps.none?(&:breaks?)).to be(true), "seed #{seed}" if brief.lead == "present"
    end
  end

  it "can be worked off: no step starts on a zone that is still wet, and the last leaves it ready" do
    60.times do |seed|
      brief = any_brief.call(Random.new(1000 + seed))
      plan = planning::Planner.new(brief).plan
      slots = planning::Ready.new(plan, today: Date.new(2026, 3, 2)).answer.slots
      next if slots.empty?

      brief.zones.each do |zone|
        on_zone = plan.steps.select do |step|
          step.zones.include?(zone.key)
        end.map { |step| [step, slots.fetch(step.key)] }.sort_by { |_, slot| slot.to }
        on_zone.combination(2) do |(before, first), (after, second)|
          next if before.glues? && after.glues? # clamped side by side in one session

          wait = after.peels? ? before.touch_on(zone.key) : before.wait_on(zone.key)
          expect(second.from).to be >= first.to + wait,
                                 "seed #{seed}: #{after.label} on wet #{zone.key} after #{before.label}"
        end
      end
    end
  end
end
