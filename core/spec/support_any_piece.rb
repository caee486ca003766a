# frozen_string_literal: true

require_relative "support_plans"

# A brief of any piece with any findings, look and house ways, by a seed: the same seed, the same brief.
module AnyPiece
  PLANNING = Core::Planning
  KINDS = ["chest of drawers", "table", "chair", "bench", "blanket box", "bookcase", "sideboard", "wardrobe", "desk", "mirror", "bar cart", "hutch",
           "secretary", "bed"].freeze
  MATERIALS = %w[solid veneer laminate].freeze
  KEYS = PLANNING::Inspection::Findings::BY_KEY.keys.freeze
  FINISHES = (PLANNING::Finishes::BY_KEY.keys - %w[undecided stencil metallic distressed]).freeze
  OVER = %w[paint stain wash].freeze # finishes that decoration is asked for on
  COLOURS = %w[#243b53 #f5f2ea #8fa58a].freeze
  FINISHING = %w[fill sand prime seal coat stain thin_wash clear oil wax apply].freeze # verbs
  LEAD = [nil, "clear", "clear", "present"].freeze

  extend self

  # So many seeds in an ordinary run, 5,000 with `bin/test --long`.
  def many(usual) = ENV["KOHLRABI_LONG"] ? 5000 : usual

  def brief(seed)
    random = Random.new(seed)
    kind = KINDS.sample(random: random)
    zones = Plans.zones(kind, MATERIALS.sample(random: random))
    few = Array.new(2) { choice(random) }
    choices = zones.select(&:shown?).to_h { |zone| [zone.key, few.sample(random: random)] }
    Plans.brief(kind, zones, choices, findings: findings(zones, random), look: look(random), practices: practices(random),
                                      lead: LEAD.sample(random: random)).tap do |made|
      put_on(made, random)
    end
  end

  # The same piece part-done, and once more with a gouge that is found then; nil where nothing was finished yet. Array
  # of two briefs.
  def found_later(seed)
    random = Random.new(seed)
    steps = PLANNING::Planner.new(brief(seed)).plan.steps
    marks = steps.take(random.rand(steps.size)).flat_map { |step| step.zones.map { |zone| PLANNING::Mark.new(key: step.key, zone: zone) } }
    worked = marks.select { |mark| FINISHING.include?(mark.deed.verb) }.map(&:zone)
    zone = (brief(seed).zones.select(&:shown?).map(&:key) & worked).sample(random: random) or return
    late = PLANNING::Inspection::Finding.new(id: 900, key: "gouge", zone: zone, measure: random.rand(1..4), late: true)
    [[], [late]].map { |found| brief(seed).tap { |made| made.marks = marks }.tap { |made| made.findings += found } }
  end

  # Faults that a plan has and another has not.
  def new_faults(plan, before)
    known = before.faults.map { |fault| [fault.code, fault.step&.key] }
    plan.faults.reject { |fault| known.include?([fault.code, fault.step&.key]) || unmet?(fault, plan.brief) }
  end

  # What the look puts on and says of its fittings; steps that another piece has in common, which is worked on along
  # with it.
  def put_on(made, random)
    made.look.works = works(made.zones, random)
    made.look.fittings = fittings(random)
    made.look.pulls = random.rand(1..12) if random.rand < 0.3
    made.together = [%w[wash wash-rinse scuff vacuum dust].to_set] if random.rand < 0.2
  end

  def fittings(random)
    return [] if random.rand > 0.3

    PLANNING::Fitting::ROWS.keys.sample(2, random: random).map do |kind|
      number = random.rand(1..12)
      PLANNING::Fitting.new(kind: kind, number: number, treatment: PLANNING::Fitting::TREATMENTS.keys.sample(random: random),
                            missing: random.rand < 0.3 ? random.rand(0..number) : 0)
    end
  end

  # Slats, wrap, legs and the like on a third of them.
  def works(zones, random)
    return [] if random.rand > 0.35

    PLANNING::Applied::ROWS.keys.sample(random.rand(1..2), random: random).each_with_index.filter_map do |tool, place|
      on = PLANNING::Applied.usual(tool, zones)
      if on.any?
        PLANNING::Applied.new(id: place + 1, tool: tool, zones: on, parts: random.rand(1..30),
                              relief: random.rand(1.0..1.8), materials: {})
      end
    end
  end

  # A fault that only says what the look itself asks of a surface without open wood.
  def unmet?(fault, brief)
    fault.code == :not_open_wood && fault.zones.all? do |key|
      brief.surface(brief.zones.find do |zone|
        zone.key == key
      end).slick?
    end
  end

  def choice(random)
    finish = FINISHES.sample(random: random)
    over = OVER.include?(finish) && random.rand < 0.3 ? PLANNING::Finishes::OVER.sample(1, random: random) : []
    PLANNING::Choice.new(finish: finish, over: over, colour: COLOURS.sample(random: random))
  end

  def findings(zones, random)
    found = Array.new(random.rand(5)) do
      [KEYS.sample(random: random), random.rand < 0.6 ? zones.sample(random: random).key : nil, random.rand(1..4)]
    end
    Plans.findings(*found)
  end

  def look(random)
    { hardware: PLANNING::Brief::HARDWARE.sample(random: random), inside: PLANNING::Brief::INSIDES.sample(random: random) }
  end

  def practices(random)
    PLANNING::WorkshopPractices.new(PLANNING::WorkshopPractices::ALL.to_h do |row|
      [row[:question], row[:choices].sample(random: random)[:key]]
    end)
  end
end
