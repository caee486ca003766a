# frozen_string_literal: true

require "spec_helper"

RSpec.describe "listing a piece" do
  market = Core::Market

  describe market::Listing do
    def listing(unit: "mm", **given)
      none = %i[made_of parts done finish care flaws with notes].to_h { |name| [name, []] }
      facts = described_class::Facts.new(name: "Oak washstand", measures: [790, 440, nil], **none, **given)
      described_class.new(facts, unit: unit)
    end

    # 790 ÷ 25.4 = 31.10 → 31 1/8; 440 ÷ 25.4 = 17.32 → 17 5/16 (NIST SP 811: 1 in = 25.4 mm).
    it "gives the size in both units, the house's first, and only what was measured" do
      expect(listing.text("full")).to include("- 790 × 440 mm (31 1/8 × 17 5/16 in), width × depth")
      expect(listing(unit: "in").text("short")).to include("31 1/8 × 17 5/16 in (790 × 440 mm), width × depth.")
    end

    it "says nothing that is not recorded" do
      expect(listing(measures: [nil, nil, nil]).text("full")).to eq("Oak washstand")
      expect(listing(measures: [nil, nil, nil]).text("short")).to eq("Oak washstand.")
    end

    it "tells of flaws in every text, and keeps the heading short" do
      given = { flaws: ["white ring (top)"], done: %w[cleaned sanded], finish: ["wax on the top"], price: "240 EUR",
                maker: "a joiner in the mill town" }
      expect(listing(**given).text("full")).to include("Left as it is\n- white ring (top)",
                                                       "Oak washstand, by a joiner in the mill town")
      expect(listing(**given).text("short")).to include("Cleaned, sanded. Finish: wax on the top. Left as it is: white ring (top). 240 EUR.")
      expect(listing(**given).text("line")).to eq("Oak washstand, 790 mm wide, wax on the top, 240 EUR")
      expect(listing(**given, finish: ["x" * 90]).text("line")).to eq("Oak washstand, 790 mm wide, 240 EUR")
    end
  end

  describe market::Flaws do
    def finding(key, zone: nil, note: nil)
      Core::Planning::Inspection::Finding.new(id: 1, key: key, zone: zone, note: note)
    end

    it "are findings that nothing was done about" do
      found = [finding("white_ring", zone: "top"), finding("gouge", note: "left side"), finding("varnish")]
      expect(described_class.left(found, [])).to eq(["white water ring (top)", "gouge or dent left side"])
      expect(described_class.left(found, %w[rub_ring fill_tinted])).to eq([])
    end

    it "name the workshop's own until they were treated" do
      own = Core::Planning::Inspection::Finding.new(id: 7,
                                                    own: {
                                                      label: "Ink well cracked", says: "glued", kind: "repair", minutes: 10
                                                    })
      expect(described_class.left([own], [])).to eq(["ink well cracked"])
      expect(described_class.left([own], ["own-7"])).to eq([])
    end
  end

  describe market::Channels do
    def terms(**given)
      described_class::Terms.new(name: "Booth", fee_rate: 0r, fixed: 0, delivery: 0, rent: 0, places: 1, days: nil,
                                 **given)
    end

    # 200.00 at 10%: 20.00; rent 146.00 a month for 15 places: 146 × 12 ÷ 365 ÷ 15 = 0.32 a day, 25 days: 8.00.
    it "takes off fee, fixed fee, delivery and the rent of its place while it stands" do
      answer = described_class.answer(200_00,
                                      terms(fee_rate: 1/10r, fixed: 1_50, delivery: 10_00, rent: 146_00, places: 15,
                                            days: 25))
      expect(answer.take_home.amount).to eq(200_00 - 20_00 - 1_50 - 10_00 - 8_00)
      expect(answer.rent_a_day).to eq(32)
    end

    it "is undefined where rent is paid for unknown days, and refuses a fee that leaves nothing" do
      expect(described_class.answer(200_00,
                                    terms(rent: 10)).take_home).to have_attributes(amount: nil, why: /is unknown/)
      expect { described_class.answer(1, terms(fee_rate: 1r)) }.to raise_error(Core::Refusal, /leaves nothing/)
    end
  end

  describe market::Practice do
    def practice(seed, asking: 200_00, worth: 180_00)
      described_class.new(asking: asking, worth: worth, seed: seed, text: Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR")))
    end

    it "plays the same days again by the same seed, and goes on where it stopped" do
      again = practice(3).days(20)
      expect(practice(3).days(20)).to eq(again)
      expect(again.first(practice(3).days(9).size)).to eq(practice(3).days(9))
      expect(practice(4).days(20)).not_to eq(again)
    end

    # Property: over many seeds nobody offers more than is asked, takes less than he offered, or pays more than it is
    # worth.
    it "has buyers of sense" do
      offers = (1..60).flat_map do |seed|
        practice(seed).days(30).select(&:amount).map do |message|
          [practice(seed), message]
        end
      end
      expect(offers.size).to be > 100
      offers.each do |market, message|
        expect(message.amount).to be_between(1, 200_00)
        expect(market.takes?(message, message.amount)).to be(true)
        expect(market.takes?(message, [180_00, message.amount].max + 1)).to be(false)
      end
    end

    it "has fewer of them at a price that is too high" do
      count = ->(asking) { (1..30).sum { |seed| practice(seed, asking: asking).days(30).size } }
      expect(count.call(400_00)).to be < (count.call(180_00) / 2)
    end
  end
end
