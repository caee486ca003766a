# frozen_string_literal: true

require "support_any_piece"

# What was done is kept by verb, parameters and face, so that it outlives the rules that named the step.
RSpec.describe Core::Planning::Deed do
  planning = Core::Planning

  def marks(plan, *keys)
    keys.flat_map { |key| plan.step(key).zones.map { |zone| Core::Planning::Mark.new(key: key, zone: zone) } }
  end

  it "says what a key of a step said, verb by verb" do
    read = { "ladder/80-120~1" => { "verb" => "sand", "name" => "ladder", "grits" => [80, 120], "over" => 1 },
             "coat/paint|paint_all@c3|#102030/2/face1#2" => {
               "verb" => "coat", "name" => "coat", "layer" => { "finish" => "paint", "product" => "paint_all@c3", "colour" => "#102030" },
               "coat" => 2, "face" => "face1", "part" => 2
             },
             "colour/wash|paint_all|/1" => {
               "verb" => "thin_wash", "name" => "colour", "layer" => { "finish" => "wash",
                                                                       "product" => "paint_all" }, "coat" => 1
             },
             "level/wet" => { "verb" => "sand", "name" => "level", "how" => "wet" }, "own-12" => { "verb" => "plain", "name" => "own-12" },
             "inspect/paint|paint_all|#102030" => { "verb" => "plain", "name" => "inspect",
                                                    "layer" => { "finish" => "paint", "product" => "paint_all", "colour" => "#102030" } } }
    expect(read.keys.to_h { |key| [key, described_class.read(key).to_h] }).to eq(read)
  end

  it "gives every step of any plan its key and verb back" do
    steps = (0...60).flat_map { |seed| planning::Planner.new(AnyPiece.brief(seed)).plan.steps }
    expect(steps.map { |step| described_class.from(described_class.read(step.key).to_h).key }).to eq(steps.map(&:key))
    expect(steps.to_h { |step| [step.key, described_class.read(step.key).verb] }).to eq(steps.to_h { |step|
      [step.key, planning::Verbs.name_of(step.first)]
    })
  end

  # A grit that was bought since, or another house rule, plans other papers: what was sanded stays sanded.
  it "counts sanding that went as far by other papers, and no other" do
    zones = Plans.zones("chest of drawers", "solid", drawer_rows: [3])
    looks = Plans.choice("clear")
    plan = ->(done) { Plans.plan("chest of drawers", zones, looks, lead: "clear", marks: done) }
    ladder = plan.call([]).steps.find { |step| step.key.start_with?("ladder/") }
    finest = ladder.grits.last
    done = ->(grits) { ladder.zones.map { |zone| planning::Mark.new(key: "ladder/#{grits.join('-')}", zone: zone) } }
    as_far = plan.call(done.call([60, 100, finest]))
    expect([as_far.step(ladder.key).done?, as_far.left_behind]).to eq([true, []])
    short = plan.call(done.call([60, 100]))
    expect([short.step(ladder.key).done_zones, short.left_behind.size]).to eq([[], ladder.zones.size])
    under = plan.call(done.call([60, finest]).map { |mark| planning::Mark.new(key: "#{mark.key}~1", zone: mark.zone) })
    expect(under.step(ladder.key).done_zones).to be_empty
  end
end
