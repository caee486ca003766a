# frozen_string_literal: true

require "spec_helper"

# Jobs as practitioners report them, jobs blended: what a master expects of each plan, in which order, and what must not
# be there (common practice, no source).
RSpec.describe "a plan for a job as practitioners report it" do
  practices = Core::Planning::WorkshopPractices
  spraying = practices.new("applying" => "spray", "sprayer" => "yes")
  navy = "#22356b"
  pale = "#f0ece0"
  brown = "#2a1a12"
  sage = "#7d9468"

  def piece(kind, material = "solid", units: 1, **measures)
    Core::Planning::Repeats.expand(Plans.zones(kind, material, checked: true, **measures), units)
  end

  # {zone => choice} of all that is seen; own: for zones whose key begins so.
  def look(zones, choice, own = {})
    seen = Core::Planning::Repeats.single(zones).select(&:shown?)
    seen.to_h { |zone| [zone.key, own.find { |start, _| zone.key.start_with?(start) }&.last || choice] }
  end

  def paint(colour, **rest) = Plans.choice("paint", colour: colour, **rest)
  def keys(plan) = plan.steps.map(&:key)

  def step(plan, start)
    plan.steps.find { |one| one.key.start_with?(start) } || raise("no #{start} in #{keys(plan).join(', ')}")
  end

  def on(plan, zone) = plan.steps.select { |one| one.zones.include?(zone) }
  def nights(plan, zone) = on(plan, zone).count { |one| one.wait_on(zone) >= 720 }

  # The steps whose keys begin so come one after the other, and the plan holds.
  def in_turn(plan, *starts)
    places = starts.map { |start| plan.steps.index(step(plan, start)) }
    expect(places).to eq(places.sort), "#{starts.zip(places)} in #{keys(plan).join(', ')}"
    expect(plan.faults.map(&:text)).to eq([])
  end

  def none(plan, *starts) = expect(keys(plan).select { |key| key.start_with?(*starts) }).to eq([])

  describe "a glossy chest, a corner broken, to be deep blue with two drawers bare and waxed and its pulls sprayed" do
    let(:plan) do
      zones = piece("chest of drawers", width: 1000.0, height: 900.0, depth: 480.0, drawer_rows: [2, 2, 2], doors: 0)
      found = Plans.findings(["glossy", nil, nil], ["gouge", "top", 2.0], ["gouge", "front-2-1", 1.0],
                             ["broken_corner", "side-left", 1])
      Plans.plan("chest of drawers", zones, look(zones, paint(navy), "front-1" => Plans.choice("wax")),
                 findings: found, lead: "clear", look: { hardware: "sprayed", inside: "liner" }, practices: practices.new("scuff_grit" => "120"))
    end

    it "washes, fills and builds the corner up, scuffs, paints twice with a look in between, waxes, and puts back by number" do
      in_turn(plan, "record", "drawers-out", "hardware-off", "wash", "wash-rinse", "build_corner", "fill", "level",
              "ladder", "scuff", "dust", "spot-seal",
              "hardware-prime", "coat/paint", "inspect", "between", "wax/", "liner", "wax-runners", "hardware-on", "drawers-in", "picture")
      expect(plan.steps.count { |one| one.key.start_with?("coat/paint") }).to eq(2)
      expect(on(plan, "front-1-1").count { |one| one.key.start_with?("wax/") }).to eq(2)
      expect([step(plan, "scuff").grits, step(plan, "ladder").grits.last]).to eq([[120], 240])
    end

    it "takes no primer and says why, tapes nothing while the drawers are out, and waits one night before it is handled" do
      none(plan, "prime/", "mask", "clear/")
      expect(step(plan, "coat/paint").why).to include("no primer: the paint brings its own")
      expect(nights(plan, "top")).to eq(1)
    end
  end

  describe "a sideboard painted twice, to be washed in a colour, stencilled" do
    let(:zones) { piece("sideboard", width: 1400.0, height: 900.0, depth: 450.0, drawer_rows: [2], doors: 2) }
    let(:choices) do
      wash = Plans.choice("wash", colour: sage).tap { |choice| choice.over = %w[stencil] }
      look(zones, wash, "side" => paint(sage))
    end

    def sideboard(**rest)
      Plans.plan("sideboard", zones, choices, findings: Plans.findings(["painted", nil, 2]), lead: "clear", **rest)
    end

    it "tries stripper on a patch with a time to stop, dries overnight, tries the wash, and clears over the stencil" do
      plan = sideboard
      in_turn(plan, "try-strip", "strip/1", "neutralise", "ladder/120", "try-wash", "colour/wash", "stencil", "clear/")
      expect(step(plan, "try-strip").try[:stop]).to be_between(10, 40)
      expect(step(plan, "neutralise").wait).to be >= 720
      expect(on(plan, "top").count { |one| one.key.start_with?("clear/") }).to eq(3) # the wash lost its own
    end

    it "goes on with scraper and P180 where the patch fails" do
      plan = sideboard(trials: { "try-strip" => "failed" })
      in_turn(plan, "scrape", "ladder/180", "try-wash")
      none(plan, "strip/", "try-strip", "neutralise")
    end
  end

  it "stains a veneered table's top before its edge is taped and the rest sprayed pale; three clear coats on the top, none on the base" do
    zones = piece("table", "veneer", width: 1600.0, height: 750.0, depth: 900.0)
    plan = Plans.plan("table", zones, look(zones, paint(pale), "top" => Plans.choice("stain", colour: brown)),
                      findings: Plans.findings(["varnish", nil, nil]), lead: "clear", practices: spraying)
    in_turn(plan, "try-stain", "colour/stain", "mask", "coat/paint", "peel", "clear/")
    expect(on(plan, "top").flat_map(&:grits).min).to be >= 120
    expect(step(plan, "ladder").label).to include("by hand near the edges")
    expect(plan.steps.count { |one| one.key.start_with?("coat/paint") }).to be_between(3, 4)
    expect(%w[top apron].map { |zone| on(plan, zone).count { |one| one.key.start_with?("clear/") } }).to eq([3, 0])
    expect(step(plan, "colour/stain").cautions).to include("rags")
  end

  it "bleaches the tops of two end tables in goes that dry, tried first, rinsed with clean water and nothing else, then lightly sanded" do
    zones = piece("end table", width: 550.0, height: 600.0, depth: 450.0, drawer_rows: [], doors: 1, units: 2)
    plan = Plans.plan("end table", zones, look(zones, paint(sage), "top" => Plans.choice("bleach"), "edge" => Plans.choice("bleach")),
                      findings: Plans.findings(["varnish", nil, nil]), lead: "clear")
    in_turn(plan, "ladder", "try-bleach", "bleach/1", "bleach/2", "bleach-rinse", "bleach-sand", "clear/")
    expect(%w[bleach/1 bleach/2 bleach-rinse].map { |key| step(plan, key).wait }).to all(be >= 720)
    expect([step(plan, "bleach-sand").grits, step(plan, "ladder").grits.last]).to eq([[220], 220])
    expect(plan.steps.flat_map(&:cautions)).not_to include("acid")
    expect(step(plan, "bleach/1").cautions).to include("bleach_two")
    expect(on(plan, "top@2").count { |one| one.key.start_with?("clear/") }).to eq(3)
  end

  it "bleaches open wood under a wash, each in its turn, and clears over both" do
    zones = piece("end table", width: 550.0, height: 600.0, depth: 450.0, drawer_rows: [], doors: 0)
    wash = Plans.choice("wash", colour: pale, preparation: "bleach")
    plan = Plans.plan("end table", zones, look(zones, paint(sage), "top" => wash, "edge" => wash), lead: "clear",
                                                                                                   findings: Plans.findings(["varnish", nil, nil]))
    in_turn(plan, "ladder", "try-bleach", "bleach/1", "bleach/2", "bleach-rinse", "bleach-sand", "try-wash",
            "colour/wash", "clear/")
    expect(on(plan, "apron").map(&:key).grep(/bleach/)).to eq([])
    expect(plan.steps.count { |one| one.key.start_with?("bleach-sand") }).to eq(1)
    failed = Plans.plan("end table", zones, look(zones, wash), lead: "clear", trials: { "try-bleach" => "failed" })
    expect(keys(failed).grep(/bleach/)).to eq([])
    expect(keys(failed)).to include(start_with("colour/wash"))
    painted = Plans.brief("end table", zones, look(zones, paint(sage, preparation: "bleach")), lead: "clear")
    expect(Core::Planning::Conflicts.of(painted).map(&:settled)).to include("it is not bleached")
  end

  it "gives a bleach or stain that failed its trial up for what is left to do" do
    zones = piece("end table", width: 550.0, height: 600.0, depth: 450.0, drawer_rows: [], doors: 0)
    failed = lambda do |finish|
      choices = look(zones, Plans.choice(finish, colour: sage))
      Plans.plan("end table", zones, choices, lead: "clear", findings: Plans.findings(["bare_wood", nil, nil]),
                                              trials: { "try-#{finish}" => "failed" })
    end
    expect(keys(failed.call("bleach")).grep(%r{bleach|clear/})).to all(start_with("clear"))
    expect(keys(failed.call("stain"))).to include(start_with("coat/paint"))
  end

  describe "a blanket box, cedar inside, veneer missing at a corner, its legs dark" do
    let(:plan) do
      zones = piece("blanket box", "veneer", width: 1100.0, height: 500.0, depth: 500.0)
      inside = zones.select { |zone| zone.group == "inside" }.to_h { |zone| [zone.key, Plans.choice("wax")] }
      Plans.plan("blanket box", zones, look(zones, paint(sage), "leg" => Plans.choice("stain", colour: brown)).merge(inside),
                 findings: Plans.findings(["varnish", nil, nil], ["veneer_chips", "side-left", 4]), lead: "clear", practices: spraying)
    end

    it "smooths the inside once at most, closes it against the mist, and waxes it" do
      in_turn(plan, "smooth", "shield", "coat/paint", "unshield", "wax/")
      expect(on(plan, "inside").flat_map(&:grits)).to eq([220])
    end

    it "seals the fill after the last sanding, stains before the edge is taped, and looks at the lid" do
      in_turn(plan, "lid-check", "fill", "level", "scuff", "colour/stain", "mask", "spot-seal", "coat/paint", "peel")
      expect(step(plan, "colour/stain").cautions).to include("rags")
    end
  end

  it "draws the nails, glues in one go, treats the stain of a top and smooths its raised grain before the wash" do
    zones = piece("sideboard", width: 1500.0, height: 900.0, depth: 480.0, drawer_rows: [2], doors: 2)
    found = Plans.findings(["nails", nil, 20], ["grease", nil, nil], ["lock_stuck", nil, nil], ["open_joint", nil, nil], ["black_stain", "top", nil],
                           ["bottom_loose", nil, 2])
    plan = Plans.plan("sideboard", zones, look(zones, paint("#24364f"), "top" => Plans.choice("wash", colour: sage)),
                      findings: found, lead: "clear")
    in_turn(plan, "vacuum", "wash", "wash_again", "wash-rinse", "draw_nails", "drawer_bottom", "reglue", "fill",
            "level", "ladder", "oxalic", "rinse-oxalic",
            "bleach-sand", "try-wash", "colour/wash", "mask", "coat/paint", "peel", "clear/")
    expect(plan.graph.steps.find do |one|
      one.key == "reglue"
    end.needs.find { |need| need.key == "drawer_bottom" }&.wait.to_i).to eq(0)
    expect(step(plan, "rinse-oxalic").wait).to be >= 720
  end

  it "asks about lead before a failing finish comes off, primes laminate by foam roller, and fills old holes before new ones are drilled" do
    zones = piece("chest of drawers", width: 1000.0, height: 900.0, depth: 480.0, drawer_rows: [1, 1, 1], doors: 0)
    zones = zones.map { |zone| zone.key == "top" ? zone.with(material: "laminate") : zone }
    found = Plans.findings(["failing", nil, nil], ["veneer_loose", "side-left", 1], ["mould", "front-1-1", nil],
                           ["old_holes", nil, 64])
    plan = Plans.plan("chest of drawers", zones, look(zones, paint("#101010", product: "paint_chalk"),
                                                      "front" => Plans.choice("stain", colour: brown)),
                      findings: found, look: { hardware: "replaced", spacing: 128.0 }, practices: spraying)
    in_turn(plan, "lead", "treat_mould", "rinse-treat_mould", "scrape", "glue_veneer", "fill-holes", "level-holes",
            "drill", "feather", "colour/stain",
            "prime/", "coat/paint", "try-tint", "clear/")
    expect(on(plan, "side-left").select(&:breaks?).map(&:key)).to include("feather")
    primed = plan.steps.select { |one| one.key.start_with?("prime/") }
    expect(primed.map(&:label)).to all(include("by foam roller"))
    expect(primed.flat_map(&:zones)).to eq(["top"])
    expect(on(plan, "top").find { |one| one.key.start_with?("clear/") }.ways).to eq(["spray"])
  end

  it "builds a broken corner up under paint and lets wood in under a clear look" do
    zones = piece("end table", width: 550.0, height: 600.0, depth: 450.0, drawer_rows: [], doors: 0)
    added = lambda do |choice|
      keys(Plans.plan("end table", zones, look(zones, choice), lead: "clear",
                                                               findings: Plans.findings(["broken_corner", "top", 1])))
    end
    expect(added.call(paint(sage))).to include("build_corner", "level", "spot-seal")
    expect(added.call(Plans.choice("oil"))).to include("let_in")
  end

  def applied(tool, zones, parts:, relief: 1, id: 1, materials: {})
    on = Core::Planning::Applied.usual(tool, zones)
    Core::Planning::Applied.new(id: id, tool: tool, zones: on, parts: parts, relief: relief, materials: materials)
  end

  describe "a low case of slick board on new legs, its fronts wrapped in half-rounds" do
    let(:plan) do
      zones = piece("chest of drawers", "laminate", width: 1000.0, height: 650.0, depth: 450.0, drawer_rows: [2, 2])
      act = Core::Planning::Shape::Reshaping::Act.new(key: "add_base", label: "Fit the new legs", zone: "legs",
                                                      adds: true)
      looks = look(zones, paint(pale), "front" => Plans.choice("tinted", colour: sage))
      Plans.plan("chest of drawers", zones, looks, findings: Plans.findings(["slick", nil, nil], ["gouge", "top", 2], ["old_holes", nil, 96]),
                                                   after_limit: true, acts: [act], practices: spraying,
                                                   look: { hardware: "replaced", spacing: 96.0, inside: "liner", primer: "primer_shellac",
                                                           works: [applied("sheets", zones, parts: 4, relief: 1.57)] })
    end

    it "takes 4.5 to 8 h: washed, scuffed, wrapped and sanded flush, primed once, three coats and a tinted clear one sprayed" do
      expect(plan.seconds / 3600.0).to be_between(4.5, 8)
      in_turn(plan, "wash", "ground", "sheets-cut", "sheets-fix", "sheets-flush", "fill", "scuff", "smooth-new", "prime/primer_shellac/1",
              "coat/paint", "try-tint", "clear/", "liner", "hardware-on", "drawers-in")
      expect(keys(plan).grep(%r{\Acoat/.*/\d\z}).size).to eq(3)
      none(plan, "drill", "fill-holes", "lead", "prime/primer_shellac/2")
    end

    it "sets the sprayer up once and only changes what is in it after that" do
      sprayed = plan.steps.select { |one| one.ways.include?("spray") }
      expect(sprayed.map { |one| one.tasks.map(&:fixed).max.to_i }).to eq([29, 29, 9, 9, 29, 9]) # 4 of them to move and turn it
    end

    it "keeps the slick board's primer off the wood that covers it" do
      expect(on(plan, "front-1-1").map(&:key)).to include("sheets-fix/1").and(satisfy { |all|
        all.grep(/\A(prime|coat)/).empty?
      })
    end
  end

  describe "a desk too low to use, cut into two bedside tables and sprayed dark" do
    let(:plan) do
      zones = piece("desk", "veneer", width: 1300.0, height: 620.0, depth: 550.0, drawer_rows: [1, 1], leg: 300.0)
      looks = look(zones, paint("#101418", preparation: "sander_80"))
      works = { hardware: "replaced", works: [applied("split_top", zones, parts: 2)] }
      Plans.plan("desk", zones, looks, findings: Plans.findings(["failing", nil, nil]), lead: "clear",
                                       practices: spraying, look: works)
    end

    it "cuts the top with a guide before anything is filled, makes both edges anew, and sands veneer from P120" do
      in_turn(plan, "drawers-out", "wash", "wash-rinse", "split-top-mark", "split-top-cut", "split-top-edge",
              "fill-holes", "drill", "dust", "coat/")
      expect(step(plan, "split-top-cut").cautions).to include("saw", "dust", "lift")
      expect(plan.steps.flat_map { |one| one.key.start_with?("ladder") ? one.grits.min : [] }.min).to eq(120)
    end

    it "takes no primer and no clear coat with a paint that has both, and says why" do
      none(plan, "prime/", "clear/")
      expect(step(plan, "coat/").why).to include("no primer: the paint brings its own")
    end
  end

  describe "a table's four chairs, pale and sprayed, their seats covered anew" do
    def made(marks = [])
      zones = piece("chair", units: 4)
      works = { works: [applied("fabric", zones, parts: 4)] }
      spraying = Core::Planning::WorkshopPractices.new("applying" => "spray", "sprayer" => "yes")
      Plans.plan("chair", zones, look(zones, paint("#f0ece0"), "seat" => Plans.choice("leave")), findings: Plans.findings(["varnish", nil, nil]),
                                                                                                 lead: "clear", practices: spraying, look: works,
                                                                                                 marks: marks)
    end

    let(:chairs) { made }

    it "takes the seats off first and puts them back on last, covered while the coats dry" do
      in_turn(chairs, "fabric-loosen", "wash", "scuff", "coat/", "fabric-cover", "fabric-fasten")
      expect(step(chairs, "fabric-cover").seconds).to eq(((5 + (4 * 30)) * 1.15).round * 60)
    end

    it "lets each chair be ticked by itself, and says what is left when the rain comes" do
      scuff = step(chairs, "scuff")
      marks = scuff.zones.reject { |zone| zone.end_with?("@4") }.map { |zone| Core::Planning::Mark.new(key: scuff.key, zone: zone) }
      begun = made(marks)
      expect(begun.step(scuff.key).state).to eq("part")
      expect(begun.step(scuff.key).remaining).to be_between(1, scuff.seconds / 2)
    end
  end
end
