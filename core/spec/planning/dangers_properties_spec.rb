# frozen_string_literal: true

require "spec_helper"

# Over many generated pieces, findings, looks, edits and steps of tools: nothing that can hurt is planned unsaid. What
# may hold lead is worked out here anew from findings and material, not by the code under test.
RSpec.describe "dangers of any plan" do
  planning = Core::Planning
  kinds = %w[stool bookcase mirror] + ["chest of drawers", "blanket box", "side table", "bedside table", "cabinet"]
  materials = [nil, "solid", "veneer", "laminate"]
  # Findings that bear on what hurts, and a few that do not.
  keys = %w[painted painted varnish failing bare_wood gouge rough_inside sticking_drawer nails burn raw_edge door_sags split_panel mould black_stain
            rust_stain spiders droppings lid_no_stay edging_loose stickers painted_hardware missing_shelf woodworm castors waxed thin_veneer]
  finishes = %w[paint paint bare clear stain bleach wash oil wax leave undecided]
  own = [["Saw the top in two", "woodwork"], ["Drill for the knobs", "hardware"], ["Sand the edges", "sanding"], ["Strip the back", "stripping"],
         ["Heat the old glue", "repair"], ["Scrape the runners", "other"], ["Polish the handle", "cleaning"],
         ["Drill 4 cups, hang the door", "hardware"]]
  products = Core::Shelf::Products.new(currency: Plans::EURO, own: [
                                         { key: "own-1", like: "bleach_chlorine", label: "Kitchen bleach" },
                                         { key: "own-2", like: "stain_liquid", label: "Walnut stain",
                                           base: "oil" },
                                         { key: "own-3", like: "clear_water", label: "Hall varnish",
                                           base: "solvent" },
                                         { key: "own-4", like: "bleach_two", label: "Household bleach" }
                                       ])
  chosen = { "bleach" => [nil, "own-1", "own-4"], "stain" => [nil, "own-2", "stain_gel"], "clear" => [nil, "own-3"] }

  any_choice = lambda do |random|
    finish = finishes.sample(random: random)
    planning::Choice.new(finish: finish, over: planning::Finishes::OVER.sample(random.rand(3), random: random), colour: "#243b53",
                         product: chosen[finish]&.sample(random: random), options: %w[paint oil])
  end

  any_brief = lambda do |random|
    kind = kinds.sample(random: random)
    zones = Plans.zones(kind, materials.sample(random: random))
    found = Array.new(random.rand(5)) do
      [keys.sample(random: random), random.rand < 0.6 ? zones.sample(random: random).key : nil, random.rand(1..4)]
    end
    few = Array.new(2) { any_choice.call(random) }
    practices = planning::WorkshopPractices::ALL.to_h { |row| [row[:question], row[:choices].sample(random: random)[:key]] }
    look = { hardware: planning::Brief::HARDWARE.sample(random: random), inside: planning::Brief::INSIDES.sample(random: random) }
    if random.rand < 0.2
      cut = Core::Planning::Shape::Reshaping::Act.new(key: "cut_width", label: "Cut it narrower",
                                                      cut: true)
    end
    edits = Array.new(random.rand(3)) do |number|
      label, work = own.sample(random: random)
      planning::Edit.new(id: number + 1, kind: "add", step: %w[record vacuum wash picture].sample(random: random), text: label, work: work,
                         seconds: 600)
    end
    edits << planning::Edit.new(id: 9, kind: "remove",
                                step: %w[lead rinse-oxalic rinse-treat_mould bleach-rinse dust].sample(random: random))
    lead = [nil, nil, "clear", "present", "unsure"].sample(random: random)
    Plans.brief(kind, zones, zones.to_h { |zone| [zone.key, few.sample(random: random)] },
                acts: [cut].compact, edits: edits, findings: Plans.findings(*found), look: look, lead: lead,
                practices: planning::WorkshopPractices.new(practices)).tap { |brief| brief.products = products }
  end

  # Zones with an old coat that may hold lead: what nobody looked at is taken to have one where it is seen.
  coated = lambda do |brief|
    on = ->(zone, one) { one.zone == zone.key || zone.key.start_with?("#{one.zone}/") }
    brief.zones.select do |zone|
      seen = zone.shown? || zone.group == "shelves"
      found = brief.findings.select { |one| one.zone.nil? ? seen : on.call(zone, one) }.map(&:key)
      next false if zone.material == "laminate" || zone.area.zero?

      found.intersect?(%w[painted varnish failing]) || (seen && !found.include?("bare_wood"))
    end.map(&:key)
  end

  # What a step does to an old finish by its words: independent of the tables.
  gentle = /\ATry |\ASand the (primer|clear coat|raised)|\ASand lightly/
  dry = /\A(?!#{gentle})(Scuff|Sand |Scrape|Level|Saw|Cut it|Drill|Strip|Heat|Wear|Plane|Dress|Plug|Have it done)/

  it "tests before it breaks what may hold lead, breaks nothing where there is or may be lead, keeps clean water between acid and chlorine" do
    counted = Hash.new(0)
    2000.times do |seed|
      brief = any_brief.call(Random.new(seed))
      plan = planning::Planner.new(brief).plan
      at = plan.steps.each_with_index.to_h { |step, place| [step.key, place] }
      old = coated.call(brief)

      plan.steps.each do |step|
        expect(step.cautions - Core::Planning::Cautions::ROWS.keys.map(&:to_s)).to eq([]), "seed #{seed}: #{step.key}"
        needed = step.materials.keys.flat_map { |key| Core::Shelf::ProductCautions.of(products.fetch(key)) }
        unless step.outside?
          expect(needed - step.cautions).to eq([]),
                                            "seed #{seed}: #{step.label} lacks #{needed - step.cautions}"
        end
        next unless step.label.match?(dry) && step.zones.intersect?(old) && brief.lead != "clear"

        counted[brief.lead] += 1
        wet = step.label.match?(/damp|no dust/)
        gone = plan.steps.any? do |other|
          other.key == "lead-safe" && at[other.key] < at[step.key] && !step.zones.intersect?(old - other.zones)
        end
        if brief.lead.nil?
          stripped = plan.steps.any? do |other|
            other.key.match?(/\A(strip|scrape|neutralise)/) && at[other.key] < at[step.key]
          end
          tested = at["lead"] && at["lead"] < at[step.key]
          unless stripped && !step.breaks?
            expect(tested).to be_truthy,
                              "seed #{seed}: “#{step.label}” with the question open"
          end
          expect(step.cautions).to include("lead"), "seed #{seed}: “#{step.label}” says nothing of lead" if step.breaks?
        else
          expect(wet || step.outside? || gone || planted?(step, brief, plan, at)).to be(true),
                                                                                     "seed #{seed}: “#{step.label}” is dry, lead #{brief.lead}"
        end
      end

      expect(plan.steps.none?(&:breaks?)).to be(true), "seed #{seed}" if %w[present unsure].include?(brief.lead)
      expect(plan.lead_open?).to be(true), "seed #{seed}" if plan.steps.any?(&:breaks?) && brief.lead.nil?
      expect([seed, apart(plan, at, brief), refits(plan, at)]).to eq([seed, [], []])
    end
    expect(counted.values_at(nil, "present", "unsure")).to all(be > 300)
  end

  # New coats lie over the old one by then: sanding them lightly is not sanding it.
  def planted?(step, _brief, plan, at)
    step.grits.any? && step.grits.min >= 220 && plan.steps.any? do |other|
      %w[prime coat clear].include?(other.phase) && at[other.key] < at[step.key]
    end
  end

  # Acid and chlorine on one zone without clean water between them, in words.
  def apart(plan, at, brief)
    pairs = using(plan, brief, "acid").product(using(plan, brief, "chlorine")).reject { |pair| pair.uniq.one? }
    sorted = pairs.map { |pair| pair.sort_by { |step| at[step.key] } }
    sorted.reject { |first, second| rinsed?(plan, at, first, second) }.map { |pair| pair.map(&:label) }
  end

  def using(plan, brief, caution)
    plan.steps.select do |step|
      step.materials.keys.any? do |key|
        brief.products.fetch(key)[:cautions].include?(caution)
      end
    end
  end

  def rinsed?(plan, at, first, second)
    between = plan.steps.select { |step| at[step.key].between?(at[first.key], at[second.key]) && step.wait >= 720 }
    water = between.select { |step| step.label.start_with?("Rinse") }.flat_map(&:zones)
    ((first.zones & second.zones) - water).empty?
  end

  # What goes back while what stands round it is wet or has coats to come, in words.
  def refits(plan, at)
    frame = plan.brief.zones.select { |zone| zone.group == "carcass" }.map(&:key)
    coats = plan.steps.select do |step|
      %w[prime colour coat clear wax distress].include?(step.phase) && step.zones.intersect?(frame)
    end
    back = plan.steps.select { |step| %w[drawers-in doors-on shelves-in].include?(step.key) }
    back.product(coats).reject do |step, coat|
      at[coat.key] < at[step.key] && waits?(plan, step, coat)
    end.map { |pair| pair.map(&:label) }
  end

  # Whether a step comes after another by the needs between them.
  def waits?(plan, step, other, seen = {})
    return true if step.key == other.key
    return false if seen[step.key]

    seen[step.key] = true
    step.needs.any? { |need| waits?(plan, plan.step(need.key), other, seen) }
  end
end
