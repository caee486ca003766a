# frozen_string_literal: true

require_relative "support_plans"

# A brief of any piece with any findings, look and house ways, by a seed: the same seed, the same brief.
module AnyPiece
  PLANNING = Kohlrabi::Core::Planning
  KINDS = ["chest of drawers", "table", "chair", "bench", "blanket box", "bookcase", "sideboard", "wardrobe", "desk", "mirror", "bar cart", "hutch",
           "secretary", "bed"].freeze
  MATERIALS = %w[solid veneer laminate].freeze
  KEYS = PLANNING::Inspection::Findings::BY_KEY.keys.freeze
  FINISHES = (PLANNING::Finishes::BY_KEY.keys - %w[undecided stencil metallic distressed]).freeze
  OVER = %w[paint stain wash].freeze # finishes that decoration is asked for on
  COLOURS = %w[#243b53 #f5f2ea #8fa58a].freeze
  LEAD = [nil, "clear", "clear", "present"].freeze

  module_function

  def brief(seed)
    random = Random.new(seed)
    kind = KINDS.sample(random: random)
    zones = Plans.zones(kind, MATERIALS.sample(random: random))
    few = Array.new(2) { choice(random) }
    choices = zones.select(&:shown?).to_h { |zone| [zone.key, few.sample(random: random)] }
    Plans.brief(kind, zones, choices, findings: findings(zones, random), look: look(random), practices: practices(random),
                                      lead: LEAD.sample(random: random)).tap { |made| made.look.works = works(zones, random) }
  end

  # Slats, wrap, legs and the like on a third of them.
  def works(zones, random)
    return [] if random.rand > 0.35

    PLANNING::Applied::ROWS.keys.sample(random.rand(1..2), random: random).each_with_index.filter_map do |tool, place|
      on = PLANNING::Applied.usual(tool, zones)
      PLANNING::Applied.new(id: place + 1, tool: tool, zones: on, parts: random.rand(1..30), relief: random.rand(1.0..1.8), materials: {}) if on.any?
    end
  end

  # A fault that only says what the look itself asks of a surface without open wood.
  def unmet?(fault, brief)
    fault.code == :not_open_wood && fault.zones.all? { |key| brief.surface(brief.zones.find { |zone| zone.key == key }).slick? }
  end

  def choice(random)
    finish = FINISHES.sample(random: random)
    over = OVER.include?(finish) && random.rand < 0.3 ? PLANNING::Finishes::OVER.sample(1, random: random) : []
    PLANNING::Choice.new(finish: finish, over: over, colour: COLOURS.sample(random: random))
  end

  def findings(zones, random)
    found = Array.new(random.rand(5)) { [KEYS.sample(random: random), random.rand < 0.6 ? zones.sample(random: random).key : nil, random.rand(1..4)] }
    Plans.findings(*found)
  end

  def look(random)
    { hardware: PLANNING::Brief::HARDWARE.sample(random: random), inside: PLANNING::Brief::INSIDES.sample(random: random) }
  end

  def practices(random)
    PLANNING::WorkshopPractices.new(PLANNING::WorkshopPractices::ALL.to_h { |row| [row[:question], row[:choices].sample(random: random)[:key]] })
  end
end
