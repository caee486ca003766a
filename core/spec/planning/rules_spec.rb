# frozen_string_literal: true

require "spec_helper"

# The figures of planning worked by hand; common practice, no published source, unless one is named.
RSpec.describe "rules of planning" do
  planning = Core::Planning
  refusal = Core::Refusal

  describe "sanding" do
    it "knows the mean sizes of FEPA 43-1 / ISO 6344 (from memory)" do
      expect(planning::Grits::MICRONS).to eq(40 => 425, 60 => 269, 80 => 201, 100 => 162, 120 => 125, 150 => 100, 180 => 82, 220 => 68, 240 => 58.5,
                                             320 => 46.2, 400 => 35.0)
    end

    it "climbs the ladders of the trade, 80-100-150-220 and 60-120-180-240 (common practice)" do
      expect(planning::Grits.ladder(80, 220, grits: [80, 100, 150, 220])).to eq([80, 100, 150, 220])
      expect(planning::Grits.ladder(60, 240, grits: [60, 120, 180, 240])).to eq([60, 120, 180, 240])
      expect(planning::Grits.ladder(120, 220)).to eq([120, 150, 220]) # 1.25 and 1.47; over P180 the larger jump is 1.52
      expect(planning::Grits.ladder(220, 220)).to eq([220])
    end

    it "names the grit that is missing, and refuses to go back" do
      expect do
        planning::Grits.ladder(80, 220,
                               grits: [80, 220])
      end.to raise_error(refusal, /You can't get from 80 grit to 220 grit\. 120 grit is missing in between/)
      expect { planning::Grits.ladder(220, 80) }.to raise_error(refusal, /coarser than/)
    end
  end

  describe "coats (common practice)" do
    it "counts paint by what lies under it" do
      coats = ->(tone, under, **rest) { planning::Coats.paint(tone, under, **rest).first }
      expect([coats.call(:pale, :dark), coats.call(:pale, :dark, primed: true), coats.call(:white, :mid), coats.call(:mid, :pale),
              coats.call(:mid, :dark)]).to eq([4, 3, 3, 2, 3])
      expect([coats.call(:dark, :pale), coats.call(:black, :pale), coats.call(:pale, :mid),
              coats.call(:pale, :mid, chalk: true)]).to eq([2, 3, 2, 3])
      expect([coats.call(:white, :black, chalk: true),
              coats.call(:white, :black, primed: true, chalk: true)]).to eq([4, 3])
    end

    it "counts clear coats by wear, and leaves out what the paint brings, unless wear calls for it" do
      clear = ->(wear, **rest) { planning::Coats.clear(wear, **rest).first }
      expect([clear.call("display"), clear.call("everyday"), clear.call("everyday", top: true),
              clear.call("hard")]).to eq([1, 2, 3, 4])
      expect([clear.call("everyday", top: true, builtin: true), clear.call("hard", builtin: true)]).to eq([0, 4])
    end

    it "tells tones by relative luminance: WCAG 2's own figures for black, white and sRGB red 0.2126" do
      expect(planning::Tone.luminance("#ff0000")).to be_within(1e-9).of(0.2126)
      expect(%w[#ffffff #cfc8b4 #7d9468 #243b53 #050505].map do |colour|
        planning::Tone.of(colour)
      end).to eq(%i[white pale mid dark black])
    end
  end

  describe "quantities" do
    it "stays within what tins print: 350–400 ft² a US gallon is 8.6–9.8 m² a litre" do
      foot = 0.3048**2
      gallon = 3.785411784
      range = (350 * foot / gallon)..(400 * foot / gallon)
      expect(range.minmax.map { |rate| rate.round(1) }).to eq([8.6, 9.8])
      # Furniture paint goes further than the tins of wall paint print: 13 to 14 m² a litre (common practice, no source).
      furniture, others = Core::Shelf::Products::GENERIC.values.select { |row| %w[paint primer clear].include?(row[:kind]) }
                                                        .partition { |row| %w[paint_all paint_chalk].include?(row[:key]) }
      expect(others.map { |row| row[:rate] }).to all(satisfy { |rate| range.cover?(rate) || rate == 10 })
      expect(furniture.map { |row| row[:rate] }).to all(be_between(13, 14))
    end

    it "takes the tin's own figure, and 30% more for the sprayer's mist: 1.8 m², two coats, 9 m² a litre" do
      ways = %w[brush roller sponge hand spray].map { |way| Core::Shelf::Rates.millilitres(1.8, rate: 9, coats: 2, way: way).round }
      expect(ways).to eq([400, 400, 400, 400, 520])
    end

    it "lets spraying pay from its fixed minutes ÷ what it saves a square metre: 25 ÷ (10.5 − 3.5)" do
      expect(Core::Shelf::Rates.spray_break_even).to be_within(0.01).of(25 / 7.0)
    end

    # Minutes a square metre that people in the trade report (common practice, no source; several reports blended).
    it "keeps to the speeds that people work at" do
      speeds = { brush: 9..13, roller: 5..7, spray: 3..4, sponge: 3..5, wax: 5..8, oil: 4..6, scuff: 3..5, between: 1..1.5, strip: 12..20,
                 scrape: 90..150 }
      rates = Core::Shelf::Rates
      expect(speeds.reject { |task, range| range.cover?(rates.of(task)[:m2]) }).to eq({})
      expect([rates.of(:scuff)[:detail], rates.of(:grit)[:first], rates.of(:grit)[:m2], rates.of(:wash)[:m2] + rates.of(:rinse)[:m2]])
        .to match([be_between(7, 9), be_between(6, 9), be_between(3, 5), be_between(3, 4)])
      expect(rates.of(:stain)[:m2]).to be_between(5, 12) # wiped on and off by rag, from memory
      expect(Core::Shelf::Products::GENERIC["stain_gel"][:recoat]).to be_between(360, 1440) # 6 to 24 h by their labels, from memory
      expect([rates.of(:brush), rates.of(:roller), rates.of(:spray)].map { |row| row[:fixed] }).to match([8, 8, be_between(20, 30)])
    end

    it "buys whole containers for the least money, and says what is left over and what was used" do
      euro = Plans::EURO
      line = planning::Stock.new({ "paint_all" => 1400 }, Core::Shelf::Products.new(currency: euro)).lines.first
      expect(line.to_h).to include(packs: { 500 => 1, 1000 => 1 }, bought: 1500, price: 6600, over: 100, used: 6160) # 66.00 × 1400 ÷ 1500
      yen = planning::Stock.new({ "paint_all" => 1400 }, Core::Shelf::Products.new(currency: Core::Units::Currency.find("JPY")))
      expect([yen.price, yen.used, yen.unpriced]).to eq([nil, nil, ["all-in-one satin paint"]])
    end
  end

  describe "what the workshop learns" do
    it "weighs its own hours against the first guess: n 5, median 1.4 → 1.2" do
      expect(planning::Learning.factor([1.2r, 1.3r, 1.4r, 1.5r, 1.6r])).to eq(1.2r)
      expect(planning::Learning.factor([])).to eq(1)
      history = [[{ "sanding" => 5400 }, { "sanding" => 3600, "painting" => 3600 }]]
      expect(planning::Learning.factors(history)).to eq("sanding" => [(1.5r + 5) / 6, 1])
    end
  end

  describe "house rules" do
    it "take the default, and refuse an answer that is not one" do
      expect(planning::WorkshopPractices.new[:primer]).to eq("findings")
      expect(planning::WorkshopPractices.new("grip" => "chalk")[:grip]).to eq("chalk")
      expect do
        planning::WorkshopPractices.new("grip" => "hope")
      end.to raise_error(refusal,
                         /isn't an answer to “Grip before paint”\. Choose scuff, deglosser, chalk/)
      expect { planning::WorkshopPractices.new("mood" => "x") }.to raise_error(refusal, /isn't a question\. Choose one from the list/)
      expect(planning::WorkshopPractices::ALL.flat_map { |row| row[:choices] }).to all(include(:why))
    end
  end

  describe "the tables" do
    findings = Core::Planning::Inspection::Findings

    it "hold at least forty findings, each with consequence and reason, treated by what exists" do
      expect(findings::ALL.size).to be >= 40
      findings::ALL.each do |row|
        expect(row).to include(:label, :says, :why), row[:key]
        expect(findings::WALK).to have_key(row[:walk])
        expect(row[:measure][:unit]).to eq("mm").or(eq("count")) if row[:measure]
        expect(findings.treatments(row) - findings::TREATMENTS.values).to be_empty, row[:key]
        expect(row[:source]).to match(/\w/), row[:key]
      end
      files = Dir.children(File.join(Core::DATA, "planning/findings"))
      expect(files.map { |name| name.delete_suffix(".yml") }).to match_array(findings::WALK.keys)
      expect(findings::WALK.keys.map { |stop| Core.table("planning/findings/#{stop}").map { |row| row[:walk] }.uniq })
        .to eq(findings::WALK.keys.zip)
      expect(findings::BY_KEY.size).to eq(findings::ALL.size)
      expect(findings::ALL.map { |row| row[:turn] }.uniq.size).to eq(findings::ALL.size)
      expect(findings::OWN.map { |row| row[:key] }.tally.select { |_, times| times > 1 }).to eq({})
      expect(findings::WALK.keys).to all(satisfy { |stop| findings.at(stop).any? })
      expect { findings.fetch("ghost") }.to raise_error(refusal, /isn't in the list of problems\. Choose one, or add your own/)
    end

    it "name only phases, kinds of work, products and cautions that there are" do
      findings::TREATMENTS.each_value do |row|
        expect(planning::Phases::PLACE).to have_key(row[:phase]), row[:key]
        expect(Core::Flips::WorkKinds.keys).to include(row[:kind])
        expect([*row[:product], *(row[:materials] || []).map(&:first)] - Core::Shelf::Products::GENERIC.keys).to be_empty,
                                                                                                                 row[:key]
        (row[:cautions] || []).each { |key| Core::Planning::Cautions.row(key) }
      end
      Core::Shelf::Products::GENERIC.each_value { |row| row[:cautions].each { |key| expect(Core::Planning::Cautions.row(key)).to include(:wear) } }
    end
  end
end
