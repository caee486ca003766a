# frozen_string_literal: true

# A piece of 20 zones with 200 findings and a look of several finishes, to be planned.
module BenchPlan
  CORE = Core
  PLANNING = CORE::Planning
  FINISHES = %w[paint stain oil clear].freeze

  module_function

  # Core::Planning::Brief.
  def brief
    shape = CORE::Planning::Shape::PieceShape.new(kind: "sideboard", width: 1500.0, depth: 480.0, height: 820.0, drawer_rows: [3, 2], doors: 3,
                                                  door_style: "panelled")
    zones = CORE::Planning::Shape::Zones.of(shape, surface: "solid").first(20)
    kinds = CORE::Planning::Inspection::Findings::BY_KEY.keys
    findings = Array.new(200) do |place|
      CORE::Planning::Inspection::Finding.new(id: place, key: kinds[place % kinds.size], zone: place.even? ? zones[place % zones.size].key : nil,
                                              measure: 2)
    end
    choices = zones.each_with_index.to_h do |zone, place|
      [zone.key, PLANNING::Choice.new(finish: FINISHES[place % 4], over: [], colour: "#d0d8c8")]
    end
    look = PLANNING::Look.new(wear: "everyday", hardware: "sprayed", inside: "liner", primer: "auto", choices: choices)
    PLANNING::Brief.new(kind: "sideboard", zones: zones, findings: findings, look: look)
  end
end
