# frozen_string_literal: true

require_relative "../spec_helper"

RSpec.describe "the tables of buying" do
  let(:scout) { Core::Scout }
  let(:euro) { Core::Units::Currency.find("EUR") }

  it "knows what every kind that can be drawn usually brings and takes, in order" do
    expect(scout::Defaults::ROWS.keys).to match_array(Core::Planning::Shape::Kinds.names)
    scout::Defaults::ROWS.each do |kind, row|
      %i[resale hours materials].each do |what|
        expect(row[what].each_cons(2).all? do |low, high|
          low < high
        end).to be(true), "#{kind}, #{what}"
      end
      expect(scout::Heights::ROWS.keys.push("none")).to include(row[:use])
    end
  end

  it "takes an unknown kind as other furniture, and says so" do
    strange = scout::Defaults.new("Prie-dieu", currency: euro)
    expect([strange.known?, strange.source, strange.resale.likely]).to eq([false, "usual for furniture", 9500])
    expect(scout::Defaults.new(" Bedside Table ",
                               currency: euro)).to have_attributes(known?: true, pair?: true, use: "bedside")
  end

  it "means its amounts only in currencies of about that worth, and its hours in any" do
    yen = scout::Defaults.new("chair", currency: Core::Units::Currency.find("JPY"))
    expect([yen.resale, yen.materials, yen.hours.likely]).to eq([nil, nil, 3 * 3600])
  end

  it "has three grades of condition that grow in hours and materials, each saying what it assumes" do
    rows = scout::Conditions::ALL
    expect(rows.map { |row| row[:key] }).to eq(%w[sound worn rough])
    %i[hours materials].each do |what|
      expect(rows.map do |row|
        row[what]
      end.each_cons(2).all? { |less, more| less < more }).to be(true)
    end
    expect(rows.map { |row| [row[:looks], row[:assumes]] }.flatten.map(&:size)).to all(be > 20)
    expect(scout::Conditions.fetch(nil)[:key]).to eq("worn")
    expect { scout::Conditions.fetch("mint") }.to raise_error(Core::Refusal, /Choose sound, worn, rough/)
  end

  it "thinks small things gone sooner than large ones" do
    weekly = [0.05, 0.3, 2.0].map { |volume| scout::LossRisk.estimate(kind: "things", volume: volume).weekly }
    expect(weekly.each_cons(2).all? { |sooner, later| sooner > later }).to be(true)
    expect(scout::LossRisk.estimate(kind: "things").weekly).to eq(weekly[1])
    expect(scout::LossRisk.estimate(kind: "stools", gone: 50, weeks: 10).weekly).to eq(0.95)
  end

  it "warns of a hollow core and of one that is not known, and of no other" do
    expect(scout::Cores.choices.map(&:first)).to eq(%w[solid board plywood hollow unknown])
    expect(scout::Cores::ROWS.select { |_, row| row[:wrong] }.keys).to eq(%w[hollow unknown])
    expect(scout::Cores.fetch("hollow")[:cut]).to include("cannot be cut")
    expect(scout::Cores.fetch("air")).to be_nil
  end

  # What must be said where (common practice, no source).
  describe Core::Planning::Cautions do
    def said(**given) = described_class.before_buying(kind: "chair", condition: "worn", **given).join(" ")

    it "asks for a lead test where an old finish is broken and the age is unknown or before the limit" do
      ["", "about 1930", "1978", "1960s", "old"].each do |age|
        expect(said(made_about: age)).to include("may contain lead", "Never sand it dry"), age
      end
      ["1994", "about 1985"].each { |age| expect(said(made_about: age)).not_to include("lead"), age }
      expect(said(condition: "sound")).not_to include("lead")
    end

    it "warns of lids that trap, cases that tip, children's furniture and what lives in rough pieces" do
      expect(said(kind: "blanket box")).to include("trap a child")
      expect(said(kind: "Chest of Drawers")).to include("anti-tip kit", "local stability law")
      expect(said(kind: "toy cot")).to include("recalls")
      expect(said(condition: "rough")).to include("Quarantine anything with live pests")
      expect(said).not_to match(/lid|tip|recalls|quarantined/)
    end

    it "defers to labels, local rules and licensed practice" do
      expect(described_class.text(:lead)).to include("use certified lead-safe practice and follow local rules")
      expect(described_class.text(:glass)).to include("local code")
      expect { described_class.text(:luck) }.to raise_error(KeyError)
    end
  end

  it "reads the hours of a week, where a bare number is hours" do
    effort = Core::Units::Effort
    { "9" => 32_400, "7.5" => 27_000, "8h30" => 30_600, "8:30" => 30_600, "10 hours" => 36_000 }.each do |text, seconds|
      expect(effort.parse_week(text)).to eq(seconds), text
    end
    expect { effort.parse_week("200") }.to raise_error(Core::Refusal, /more than a week/)
    expect { effort.parse_week("-2") }.to raise_error(Core::Refusal, /isn't a number of hours\. Type it like 9, 7\.5, or 8h30/)
  end
end
