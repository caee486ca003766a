# frozen_string_literal: true

require "spec_helper"
require_relative "../support_any_piece"

# A plan read in lines: 10 to 20 for a plain piece (common practice, no source).
RSpec.describe Core::Planning::Lines do
  def plan(choice, found = ["glossy", nil, nil], look: {}, **rest)
    zones = Plans.zones("chest of drawers", "solid", checked: true, width: 1000.0, height: 900.0, depth: 480.0,
                                                     drawer_rows: [1, 1, 1], doors: 0)
    Plans.plan("chest of drawers", zones, choice, findings: Plans.findings(found), lead: "clear", look: look, **rest)
  end

  let(:painted) { plan(Plans.choice("paint", colour: "#f5f2ea"), look: { hardware: "sprayed", inside: "liner" }) }

  it "has 10 to 20 lines of a plain piece, painted or clear, each coat a line with the look-over and the sanding before it" do
    [painted, plan(Plans.choice("clear"))].each { |one| expect(one.lines.size).to be_between(10, 20) }
    coats = painted.lines.select { |line| line.title == "Paint" }
    expect(coats.map { |line| line.label[/coat \d/] }).to eq(["coat 1", "coat 2", "coat 3"])
    expect(coats[1].steps.map { |step| step.key[/\A\w+/] }).to eq(%w[inspect between coat])
    expect(coats[2].steps.map { |step| step.key[/\A\w+/] }).to eq(%w[between coat])
  end

  it "leaves no step out, says none twice, and adds up to the plan" do
    lines = painted.lines
    expect(lines.flat_map { |line| line.steps.map(&:key) }).to match_array(painted.steps.map(&:key))
    expect(lines.sum(&:seconds)).to eq(painted.seconds)
    expect(lines.sum(&:remaining)).to eq(painted.remaining)
    sums = lines.map(&:materials).each_with_object(Hash.new(0)) do |own, all|
      own.each do |key, amount|
        all[key] += amount
      end
    end
    expect(sums).to eq(painted.materials)
  end

  it "keeps the pulls, worked on away from the piece, in one line" do
    pulls = painted.lines.select { |line| line.key == "pulls" }
    expect(pulls.map do |line|
      line.steps.map(&:key)
    end).to eq([%w[hardware-clean hardware-prime hardware-coat/1 hardware-coat/2]])
  end

  it "says what was done of a line, and waits as long as its last step" do
    mark = Core::Planning::Mark
    marks = painted.step("wash").zones.map do |zone|
      mark.new(key: "wash", zone: zone)
    end + painted.step("record").zones.map do |zone|
      mark.new(key: "record", zone: zone)
    end
    begun = plan(Plans.choice("paint", colour: "#f5f2ea"), marks: marks)
    states = begun.lines.to_h { |line| [line.title, line.state] }
    expect(states).to include("Before you start" => "done", "Vacuum, wash, and rinse" => "part",
                              "Sand and dust off" => "open")
    expect(begun.lines.find { |line| line.title == "Vacuum, wash, and rinse" }.wait).to eq(120)
  end

  it "follows a person's own order and holds for any piece" do
    30.times do |seed|
      any = Core::Planning::Planner.new(AnyPiece.brief(seed)).plan
      expect(any.lines.flat_map(&:steps)).to match_array(any.steps)
      expect(any.lines.map(&:label)).to all(match(/\w/))
    end
  end
end
