# frozen_string_literal: true

# Briefs for the specs of planning.
module Plans
  PLANNING = Core::Planning
  EURO = Core::Units::Currency.find("EUR")

  extend self

  def zones(kind, material, **measures)
    Core::Planning::Shape::Zones.of(Core::Planning::Shape::PieceShape.new(kind: kind, width: nil, height: nil, **measures),
                                    surface: material)
  end

  # found: [key, zone, measure] each.
  def findings(*found)
    found.each_with_index.map { |(key, zone, size), place| Core::Planning::Inspection::Finding.new(id: place + 1, key: key, zone: zone, measure: size) }
  end

  def choice(finish, **rest) = PLANNING::Choice.new(finish: finish, over: [], **rest)

  # choices: a Choice for all zones seen, or {zone => Choice}.
  def look(zones, choices, **rest)
    choices = zones.select(&:shown?).to_h { |zone| [zone.key, choices] } if choices.is_a?(PLANNING::Choice)
    PLANNING::Look.new(wear: "everyday", hardware: "kept", inside: "leave", primer: "auto", choices: choices, **rest)
  end

  def brief(kind, zones, choices, findings: [], look: {}, **rest)
    PLANNING::Brief.new(kind: kind, zones: zones, findings: findings, look: look(zones, choices, **look),
                        products: Core::Shelf::Products.new(currency: EURO), **rest)
  end

  def plan(...) = PLANNING::Planner.new(brief(...)).plan

  # [label, minutes of wait, cautions] of each step.
  def table(plan) = plan.steps.map { |step| [step.label, step.wait, step.cautions.sort] }
end
