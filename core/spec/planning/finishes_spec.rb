# frozen_string_literal: true

require "spec_helper"

# What each finish takes, step by step: a solid table with an old clear finish, tested and free of lead, and what
# follows where the finish of the top alone differs. Common practice, no source; waits in minutes.
RSpec.describe "what each finish takes" do
  planning = Core::Planning

  # [label, wait] of the steps on the top, without the picture before, pads and the picture after.
  def on_top(choice, material: "solid", **rest)
    zones = Plans.zones("table", material, width: 1200.0, depth: 800.0, height: 750.0)
    plan = Plans.plan("table", zones, { "top" => choice, **zones.reject do |zone|
      zone.key == "top"
    end.to_h { |zone| [zone.key, Plans.choice("leave")] } },
                      lead: "clear", **rest)
    plan.steps.select do |step|
      step.zones.include?("top") && !%w[record dress show].include?(step.phase)
    end.map { |step| [step.label, step.wait] }
  end

  washed = [["Vacuum and brush out", 0], ["Wash with degreaser", 0], ["Rinse with clean water", 120]]
  tacked = [["Vacuum and wipe with a tack cloth", 0]]
  clear = lambda do |name = "Clear coat"|
    [["#{name}, coat 1: water-based clear coat", 120], ["Sand the clear coat lightly and dust it off", 0],
     ["#{name}, coat 2: water-based clear coat", 120],
     ["Sand the clear coat lightly and dust it off", 0], ["#{name}, coat 3: water-based clear coat", 720]]
  end
  # A thin clear finish is sanded off from 80 grit; the scraper is for paint.
  to = ->(*grits) { [*washed, ["Sand with #{grits.join(', ')} grit", 0]] }

  {
    "leave" => washed,
    "bare" => [*to.call(80, 120, 150, 220), *tacked],
    "clear" => [*to.call(80, 120, 150, 220), *tacked, *clear.call],
    "tinted" => [*to.call(80, 120, 150, 220), *tacked, ["Test the tinted clear coat on a hidden spot", 120],
                 *clear.call("Tinted clear coat")],
    "stain" => [*to.call(80, 120, 180), *tacked,
                ["Test liquid stain, #7d9468 on a hidden spot and on the worst spot, and look at it dry, in daylight", 120],
                ["Stain: liquid stain, #7d9468", 720], *clear.call],
    "wash" => [*to.call(80, 120, 180), *tacked, ["Test the wash on a hidden spot and look at it dry, in daylight", 120],
               ["Wash: all-in-one satin paint, #7d9468 thinned 1:1 with water", 120], *clear.call],
    "bleach" => [*to.call(80, 120, 150, 220), ["Test two-part wood bleach on a hidden spot and on the worst spot", 120],
                 ["Bleach, round 1: two-part wood bleach", 720], ["Bleach, round 2: two-part wood bleach", 720],
                 ["Neutralize the bleach as its label says and rinse it off with clean water, then let it dry completely", 720],
                 ["Sand the raised grain lightly, with damp dust", 0], *tacked, *clear.call],
    "oil" => [*to.call(80, 120, 150, 220), *tacked, ["Oil, coat 1: wipe off the excess after 15 min", 1440],
              ["Oil, coat 2: wipe off the excess after 15 min", 1440]],
    "wax" => [*to.call(80, 120, 180, 240), *tacked, ["Wax, buff after 30 min", 30],
              ["Wax, a second time, buff after 30 min", 720]],
    "paper" => [*washed, ["Scuff", 0], *tacked, ["Hang the wallpaper and trim the edges", 720], *clear.call],
    "paint" => [*washed, ["Scuff", 0], *tacked, ["Mask the edges", 0], ["Paint, coat 1: all-in-one satin paint, #7d9468", 120],
                ["Check the first coat in raking light and touch up fills and bleed-through", 15], ["Sand lightly between coats and dust it off", 0],
                ["Paint, coat 2: all-in-one satin paint, #7d9468", 720],
                ["Peel the tape slowly, back on itself, while the paint is just dry to the touch", 0]]
  }.each do |finish, expected|
    it "#{finish} on solid wood" do
      expect(on_top(Plans.choice(finish, colour: "#7d9468"))).to eq(expected)
    end
  end

  it "takes old paint of two layers off by stripper for open wood, one by scraper where it is flat" do
    stripped = on_top(Plans.choice("oil"), findings: Plans.findings(["painted", nil, 2])).map(&:first)
    expect(stripped).to include("Test solvent stripper gel on a hidden spot", "Strip",
                                "Neutralize as the label says, then rinse", "Sand with 120, 150, 220 grit")
    expect(on_top(Plans.choice("oil"),
                  findings: Plans.findings(["painted", nil,
                                            1])).map(&:first)).to include("Scrape off the old finish",
                                                                          "Sand with 180, 220 grit")
    caked = Plans.findings(["painted", nil, 4], ["failing", nil, nil])
    sander = planning::WorkshopPractices.new("strip" => "sander")
    labels = on_top(Plans.choice("oil"), findings: caked, practices: sander).map(&:first)
    expect(labels).to include("Sand with 60, 100, 150, 220 grit") # caked: from P60
  end

  it "never sands laminate to the wood that is not there" do
    expect(on_top(Plans.choice("oil"), material: "laminate").map(&:first)).to include("Scuff").and(satisfy { |labels|
      labels.grep(/Sand P/).empty?
    })
  end

  it "lays decoration in the order asked for, over the paint and under the clear coat" do
    over = lambda { |*extras|
      on_top(planning::Choice.new(finish: "paint", colour: "#7d9468", over: extras, wear: "hard")).map(&:first)
    }
    labels = over.call("stencil", "distressed")
    places = ["Paint, coat 2: all-in-one satin paint, #7d9468", "Stencil", "Wear through the edges with 220 grit and dust it off",
              "Clear coat, coat 1: water-based clear coat"]
    expect(places.map { |label| labels.index(label) }).to eq(places.filter_map { |label| labels.index(label) }.sort)
    expect(over.call("metallic",
                     "stencil").grep(/metallic|Stencil/)).to eq(["Tape off and paint the metallic line", "Stencil"])
    expect(over.call("stencil",
                     "metallic").grep(/metallic|Stencil/)).to eq(["Stencil", "Tape off and paint the metallic line"])
    expect(over.call("wax").grep(/Clear|Wax/)).to eq(["Wax, buff after 30 min"]) # nothing sticks on wax
  end

  it "sprays where the workshop has a sprayer and the area pays for setting it up, in the tent, with its own caution" do
    big = Plans.zones("wardrobe", "solid")
    ways = lambda do |answer|
      practices = planning::WorkshopPractices.new("sprayer" => answer)
      steps = Plans.plan("wardrobe", big, Plans.choice("paint", colour: "#7d9468"), lead: "clear",
                                                                                    practices: practices).steps
      steps.select do |step|
        step.label.start_with?("Paint")
      end.flat_map { |step| [step.ways, step.place, step.cautions] }.flatten.uniq
    end
    expect(ways.call("yes")).to include("spray", "tent")
    expect(ways.call("no")).to include("roller", "brush", "bench").and(satisfy { |all| !all.include?("spray") })
  end
end
