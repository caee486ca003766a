# frozen_string_literal: true

require "spec_helper"
require_relative "../support_any_piece"

# The replay judges a plan by what its acts need and leave, and knows none of the rules that made it.
RSpec.describe Core::Planning::Replay do
  planning = Core::Planning
  # A plan of the same steps in another order, or with some left out.
  order = Struct.new(:order) { def [](key) = order.find { |step| step.key == key } }
  let(:changed) { ->(plan, steps) { planning::Plan.new(plan.brief, order.new(steps)) } }

  def codes(plan) = plan.faults.map(&:code).uniq

  it "finds nothing in the plans that are made, but where open wood is wanted of what has none" do
    unmet = 0
    AnyPiece.many(200).times do |seed|
      plan = planning::Planner.new(AnyPiece.brief(seed)).plan
      asked, faults = plan.faults.partition { |fault| AnyPiece.unmet?(fault, plan.brief) }
      unmet += asked.size
      expect(faults.map do |fault|
        [fault.code, fault.step&.key, fault.zones.first]
      end).to eq([]), "seed #{seed}: #{faults.first&.text}"
    end
    expect(unmet).to be > 5 # stain on laminate is said, not planned away
  end

  it "gives the same answer to the same plan, and names step, zones and reason" do
    brief = AnyPiece.brief(17)
    once, again = Array.new(2) do
      planning::Planner.new(brief).plan.faults.map do |fault|
        [fault.code, fault.zones, fault.text]
      end
    end
    expect(once).to eq(again)
  end

  describe "with a step left out, moved, or hurried" do
    let(:zones) do
      Plans.zones("chest of drawers", "solid", width: 900.0, height: 850.0, depth: 450.0, drawer_rows: [1, 1, 1],
                                               checked: true)
    end
    let(:looks) do
      painted = zones.select(&:shown?).to_h do |zone|
        [zone.key, Plans.choice("paint", colour: "#f0ece0", wear: "hard")]
      end
      painted.merge("top" => Plans.choice("stain", colour: "#2a1a12"), "front-3-1" => Plans.choice("wax"))
    end
    let(:found) do
      Plans.findings(["waxed", nil, nil], ["varnish", nil, nil], ["gouge", "side-left", 2.0], ["bottom_loose", nil, 1],
                     ["tannin_wood", "front-1-1", nil])
    end
    let(:plan) { Plans.plan("chest of drawers", zones, looks, findings: found, lead: "clear") }
    let(:steps) { plan.steps }

    def place(prefix)
      steps.index { |step| step.key.start_with?(prefix) } || raise("no #{prefix} in #{steps.map(&:key)}")
    end

    def without(prefix) = changed.call(plan, steps.reject { |step| step.key.start_with?(prefix) })

    def moved(prefix, before:)
      step = steps[place(prefix)]
      rest = steps - [step]
      changed.call(plan, rest.insert(rest.index { |one| one.key.start_with?(before) }, step))
    end

    it "holds as it is made" do
      expect(plan.faults.map(&:text)).to eq([])
    end

    {
      "wash-rinse" => :on_dirt, "dewax" => :on_wax, "scuff" => :no_grip, "dust" => :on_dust,
      "ladder/80-120-180" => :not_open_wood, "level" => :raw_fill,
      "spot-seal" => :open_fill, "peel" => :tape_left, "mask" => :no_tape, "drawers-in" => :left_out, "hardware-on" => :left_out,
      "colour/" => :look_missed, "coat/" => :look_missed, "wax/" => :look_missed
    }.each do |prefix, code|
      it "misses #{prefix}" do
        expect(codes(without(prefix))).to include(code)
      end
    end

    {
      ["coat/", "scuff"] => :no_grip, ["coat/", "wash-rinse"] => :on_dirt, ["wax/", "ladder/"] => :sanded_wax,
      %w[drawers-in drawers-out] => :never_off,
      %w[peel mask] => :no_tape, ["colour/", "ladder/80-120-180"] => :not_open_wood, ["ladder/80", "wash"] => :sanded_dirt
    }.each do |(prefix, before), code|
      it "says no to #{prefix} before #{before}" do
        expect(codes(moved(prefix, before: before))).to include(code)
      end
    end

    it "coats no part that is back in its place" do
      expect(codes(moved("drawers-in", before: "coat/"))).to include(:back_too_early)
    end

    it "sees a seal that is sanded off again" do
      expect(codes(moved("spot-seal", before: "level"))).to include(:raw_fill)
      sanded = moved("scuff", before: "coat/")
      expect(sanded.steps.map(&:key).index("scuff")).to be > sanded.steps.map(&:key).index("spot-seal")
      expect(codes(sanded)).to include(:open_fill)
    end

    it "wants the waits between what is wet and what follows, as the label has them, whatever somebody typed" do
      hurried = lambda { |prefix, minutes|
        [planning::Edit.new(id: 1, kind: "wait", step: steps[place(prefix)].key, minutes: minutes)]
      }
      replan = ->(edits) { Plans.plan("chest of drawers", zones, looks, findings: found, lead: "clear", edits: edits) }
      expect(replan.call(hurried.call("coat/",
                                      5)).faults).to include(have_attributes(code: :wet, level: :craft,
                                                                             text: /is not dry yet: 2 h/))
      expect(codes(replan.call(hurried.call("drawer_bottom", 10)))).to include(:wet)
      expect(replan.call(hurried.call("coat/", 600)).faults).to eq([])
    end

    it "judges no work that was done, but what it left" do
      marks = zones.map { |zone| planning::Mark.new(key: "scuff", zone: zone.key) }
      removed = [planning::Edit.new(id: 1, kind: "remove", step: "wash-rinse")]
      plans = [[], marks].map do |done|
        Plans.plan("chest of drawers", zones, looks, findings: found, lead: "clear", edits: removed, marks: done)
      end
      judged = plans.map { |one| one.faults.map { |fault| fault.step&.key }.include?("scuff") }
      expect(judged).to eq([true, false])
      expect(codes(plans.last)).to include(:on_dirt)
    end
  end

  it "keeps lead, gas and veneer from harm, whoever asks for the step" do
    zones = Plans.zones("table", "veneer", checked: true)
    paint = zones.select(&:shown?).to_h { |zone| [zone.key, Plans.choice("paint", colour: "#f0ece0")] }
    drill = planning::Edit.new(id: 1, kind: "add", step: "vacuum", text: "Saw off the corner", work: "woodwork",
                               seconds: 600)
    asked = ->(**rest) { Plans.plan("table", zones, paint, findings: Plans.findings(["painted", nil, 1]), **rest) }
    untested = asked.call(edits: [drill])
    expect(untested.faults).to eq([])
    early = changed.call(untested, untested.steps.reject { |step| step.key == "lead" })
    expect(early.faults).to include(have_attributes(level: :danger, code: :lead_untested))
    coarse = asked.call(lead: "clear").tap { |plan| plan.step("scuff").tasks.each { |task| task.grits = [60] } }
    expect(coarse.faults).to include(have_attributes(code: :through_veneer))
    bleached = zones.select(&:shown?).to_h { |zone| [zone.key, Plans.choice("bleach", product: "bleach_chlorine")] }
    acid = Plans.plan("table", zones, bleached,
                      findings: Plans.findings(["black_stain", "top", nil], ["bare_wood", nil, nil]), lead: "clear")
    expect(acid.faults).to eq([])
    gas = changed.call(acid, acid.steps.reject { |step| step.key == "rinse-oxalic" })
    expect(gas.faults).to include(have_attributes(level: :danger, code: :gas))
    expect(gas.faults.find { |fault| fault.code == :gas }).to be_refused
  end

  it "plans and replays 200 findings on 20 zones in a moment" do
    zones = Plans.zones("sideboard", "solid", drawer_rows: [3, 3], doors: 4, checked: true)
    found = Array.new(200) { |place| ["gouge", zones[place % zones.size].key, 3.0] }
    brief = Plans.brief("sideboard", zones, Plans.choice("paint", colour: "#f0ece0"), findings: Plans.findings(*found),
                                                                                      lead: "clear")
    planning::Planner.new(brief).plan.faults # warm
    times = Array.new(5) do
      began = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
      planning::Planner.new(Plans.brief("sideboard", zones, Plans.choice("paint", colour: "#f0ece0"), findings: Plans.findings(*found),
                                                                                                      lead: "clear")).plan.faults
      Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - began
    end
    expect(times.min).to be < 0.5 # far from the aim of 40 ms, which bin/bench measures: a slow or busy machine is no fault here
  end
end

# How it looks as the plan goes on, of a chest to be navy with an oiled top (worked by hand).
RSpec.describe "the pictures of a plan" do
  zones = Plans.zones("chest of drawers", "solid", checked: true, drawer_rows: [1], doors: 0)
  choices = zones.select(&:shown?).to_h do |zone|
    [zone.key, zone.key == "top" ? Plans.choice("oil") : Plans.choice("paint", colour: "#22356b")]
  end
  let(:plan) do
    Plans.plan("chest of drawers", zones, choices, findings: Plans.findings(["varnish", nil, nil], ["knots", nil, nil]),
                                                   lead: "clear")
  end

  it "follow each zone from what was found over bare wood and primer to its finish, and say nothing twice" do
    side = plan.frames.filter_map { |key, faces| [key[/\A\w+/], *faces["side-left"]] if faces["side-left"] }
    expect(side).to eq([["prime", "paint", nil], ["coat", "paint", "#22356b"]])
    top = plan.frames.filter_map { |key, faces| [key[/\A\w+/], *faces["top"]] if faces["top"] }
    expect(top).to eq([["ladder", "bare", nil], ["oil", "oil", nil]])
    order = plan.steps.map(&:key)
    expect(plan.frames.map { |key, _| order.index(key) }).to eq(plan.frames.map { |key, _| order.index(key) }.sort)
  end

  it "end in the look that was chosen, whatever the piece" do
    30.times do |seed|
      any = Core::Planning::Planner.new(AnyPiece.brief(seed)).plan
      last = any.frames.each_with_object({}) { |(_, faces), all| all.merge!(faces) }
      any.brief.zones.each do |zone|
        finish = any.brief.choice(zone).finish
        expect(last[zone.key]&.first).to eq(finish) if %w[paint stain wash].include?(finish) && any.faults.empty?
      end
    end
  end
end
