# frozen_string_literal: true

require "spec_helper"

# Words and small figures around a plan.
RSpec.describe "around a plan" do
  planning = Core::Planning
  square = Core::Units::Square

  it "reads and shows areas in m², or ft² where the workshop measures in inches (1 ft² = 0.09290304 m², NIST SP 811)" do
    expect([square.parse("0.45", unit: "mm"),
            square.parse("4.84 ft²", unit: "in")]).to match([450_000.0, be_within(1).of(449_651)])
    expect([square.text(450_000.0, unit: "mm"), square.text(450_000.0, unit: "in"),
            square.text(nil, unit: "mm")]).to eq(["0.45 m²", "4.84 ft²", nil])
    %w[0 -1 x 1000].each { |text| expect { square.parse(text, unit: "mm") }.to raise_error(Core::Refusal) }
  end

  it "says amounts as they are measured out, and differences with their sign" do
    amount = Core::Shelf::Amount
    millilitres = { unit: "ml" }
    text = ->(*given) { amount.text(*given, unit: "mm") }
    packs = ->(*given) { amount.packs(*given, unit: "mm") }
    expect([text.call(224, millilitres), text.call(1120, millilitres), text.call(1500, { unit: "g" }),
            text.call(0.5, { unit: "pcs" })])
      .to eq(["224 ml", "1.12 L", "1.50 kg", "0.50"])
    expect([packs.call({ 1000 => 1, 500 => 2 }, millilitres),
            packs.call({ 1 => 2 }, { unit: "pcs" })]).to eq(["1 × 1.00 L, 2 × 500 ml", "2"])
    expect([amount.signed(0) { raise }, amount.signed(-3) do |number|
      "#{number} h"
    end, amount.signed(2, &:to_s)]).to eq(["the same", "−3 h", "+2"])
  end

  it "numbers drawers from top left, doors once however they are made, and a tub for what is small" do
    zones = Plans.zones("cabinet", "solid", drawer_rows: [2], doors: 1, door_style: "panelled")
    places = [["Drawer 1.1", "row 1 from the top, place 1 from the left"], ["Drawer 1.2", "row 1 from the top, place 2 from the left"],
              ["Door 1", "from the left"], ["Tub: screws and pulls", "labelled with the ticket"],
              ["Tub: hinges of door 1", "labelled with the ticket"]]
    expect(planning::Parts.of(zones).map { |part| part.values_at(:what, :place) }).to eq(places)
  end

  it "takes floor for the piece, and for its loose parts where they lie to dry" do
    zones = Plans.zones("chest of drawers", "solid", width: 900.0, depth: 450.0, height: 850.0, drawer_rows: [1])
    plan = Plans.plan("chest of drawers", zones, Plans.choice("paint", colour: "#ffffff"), lead: "clear",
                                                                                           look: { hardware: "cleaned" })
    floor = ->(key) { planning::Space.of(plan.step(key), zones, width: 900.0, depth: 450.0) }
    front = zones.find { |zone| zone.key == "front-1-1" }.area
    coat = plan.steps.find { |step| step.key.start_with?("coat/") }.key
    expect([floor.call("wash"), floor.call("hardware-clean"),
            floor.call(coat)]).to match([900.0 * 450, 0, be_within(1e-6).of((900 * 450) + (front * 1.3))])
  end

  it "keeps each caution with what to wear and where the waste goes" do
    rows = Core::Planning::Cautions::ROWS.values
    texts = rows.flat_map { |row| row.values_at(:text, :wear, :waste) }.compact
    expect(texts).to all(be_a(String).and(satisfy { |text| !text.match?(/\bnothing to\b/) }))
    # What is only to be read, or said to a buyer, wears nothing; what is only lifted, fixed or looked up leaves no
    # waste.
    expect(rows.reject { |row| row[:wear] }.map { |row| row[:key] }).to eq(%w[children wiring cure])
    expect(rows.reject { |row| row[:waste] }.map { |row| row[:key] }).to eq(%w[lift tip])
    expect(Core::Planning::Cautions.serious?(:stripper)).to be(true)
    expect(Core::Planning::Cautions.serious?("dust")).to be(false)
  end
end
