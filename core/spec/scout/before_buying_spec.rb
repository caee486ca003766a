# frozen_string_literal: true

require_relative "../spec_helper"

RSpec.describe "before one commits to buying" do
  let(:scout) { Core::Scout }

  describe "will it fit (geometry)" do
    def box(**size) = scout::Fit.new(**size)

    let(:chest) { box(width: 1100, depth: 500, height: 900) }

    it "goes through a door when two of its sides fit, upright first" do
      expect(chest.through(750, 2000).to_h).to eq(fits: true, way: "standing, end first", short: nil)
      expect(box(width: 700, depth: 900, height: 1100).through(750, 2000).way).to eq("standing, front first")
      # 900 × 1100 do not pass 550 wide, but 500 across and 900 or 1100 up does.
      expect(chest.through(550, 2000).way).to eq("standing, end first")
      expect(box(width: 2100, depth: 600, height: 1900).through(700, 1950).way).to eq("standing, end first")
      expect(box(width: 1900, depth: 2100, height: 700).through(750, 2000).way).to eq("on its end, front first")
    end

    it "says by how much it does not" do
      wide = box(width: 1100, depth: 820, height: 900).through(760, 2000)
      expect([wide.fits, wide.short]).to eq([false, 60])
    end

    it "tries six ways into a load space" do
      expect(chest.into(1000, 1500, 950)).to have_attributes(fits: true, way: "standing, width along the load space")
      expect(chest.into(520, 1200, 910).fits).to be(true)
      # Only lying on its back is it low enough: 500 up, 1100 × 900 flat.
      expect(chest.into(920, 1200, 520).way).to eq("on its back, width along the load space")
      expect(chest.into(480, 1200, 910)).to have_attributes(fits: false, short: 20)
    end

    it "agrees with trying every turn by brute force" do
      random = Random.new(3)
      200.times do
        sides = Array.new(3) { random.rand(100..2000) }
        space = Array.new(3) { random.rand(100..2000) }
        expected = sides.permutation.any? { |turn| turn.zip(space).all? { |side, room| side <= room } }
        expect(box(width: sides[0], depth: sides[1], height: sides[2]).into(*space).fits).to eq(expected)
      end
    end

    it "takes drawers and legs off where there are any" do
      door = scout::Carrying::Opening.new(name: "Cellar door", kind: "door", width: 800, height: 700, long: nil)
      row = scout::Carrying.new(width: 1200, depth: 450, height: 760, leg: 100.0, drawers: true).rows([door]).first
      expect([row.whole.fits, row.bare.fits]).to eq([true, true]) # 475 × 760 lying: 475 up, 760 across
      tight = scout::Carrying.new(width: 1200, depth: 790, height: 760, leg: 100.0, drawers: true).rows([door]).first
      expect([tight.whole.short, tight.bare.fits]).to eq([60, true])
      expect(scout::Carrying.new(width: 1, depth: nil, height: nil).why).to eq("depth, height not given")
    end
  end

  describe "heights (common practice, no source)" do
    it "says how much too low or too high" do
      expect(scout::Heights.check("desk", 690.0).off).to eq(-20)
      expect(scout::Heights.check("seat", 500.0)).to have_attributes(off: 20, range: [420, 480])
      expect(scout::Heights.check("bedside", 600).off).to eq(0)
      expect([scout::Heights.check("none", 600), scout::Heights.check("desk", nil)]).to eq([nil, nil])
    end
  end

  describe "a set of pulls with some missing, three ways" do
    def set(**rest) = scout::Hardware.new(needed: 8, present: 6, target_pay: 1200, **rest)

    it "costs each in money and minutes (by hand)" do
      ways = set(match_price: 900, new_price: 350, plate_price: 500).ways
      # Match: 18.00, 45 + 2 × 5 = 55 min = 11.00 → 29.00. Replace: 28.00, 8 × 11 = 88 min = 17.60 → 45.60. Adapt:
      # 10.00, 16 min = 3.20 → 13.20.
      expect(ways.map { |way| [way.key, way.money, way.seconds / 60, way.total] })
        .to eq([[:match, 1800, 55, 2900], [:replace, 2800, 88, 4560], [:adapt, 1000, 16, 1320]])
      expect(ways[1].note).to include("Filler shows under stain")
      expect(set(new_price: 100, same_holes: true).ways[1].seconds).to eq(40 * 60)
    end

    it "chooses among those whose price is known, and says which is not" do
      expect(set(match_price: 900, new_price: 350).cheapest).to eq(:match)
      expect(set.ways.map(&:why).uniq).to eq(["enter the price of one"])
      expect(set.cheapest).to be_nil
      expect(scout::Hardware.new(needed: 4, present: 4)).to be_complete
      expect { scout::Hardware.new(needed: 4, present: 5) }.to raise_error(Core::Refusal, /5 of 4/)
    end
  end

  describe "one of a kind that sells in pairs" do
    it "carries its caution with the figures behind it" do
      pairs = scout::Pairs.new(pair: true)
      expect([pairs.caution?(1), pairs.caution?(2),
              scout::Pairs.new(pair: false).caution?(1)]).to eq([true, false, false])
      expect(pairs.single(price: 5000, days: 20)).to eq(price: 4000, days: 30)
      expect(pairs.source).to include("assumed")
    end

    it "learns from five singles and five sold together" do
      own = scout::Pairs.new(pair: true, singles: Array.new(5) { [3000, 40] }, together: Array.new(5) { [5000, 16] })
      expect(own.single(price: 5000, days: 20)).to eq(price: 3000, days: 50)
    end
  end

  describe "room on the floor and hours this month" do
    def held(stage, hours: nil, listed: nil)
      scout::Room::Held.new(stage: stage, seconds_to_come: hours && (hours * 3600), listed_on: listed && day(listed))
    end

    def room(places, *pieces, weekly: 7, **rest)
      scout::Room.new(places: places, weekly: weekly && (weekly * 3600), held: pieces, today: day("2026-06-10"), **rest)
    end

    it "has room now while a place is free" do
      expect(room(2, held("bought")).text).to start_with("Space for one more piece now; ")
      expect(room(2, held("bought")).from).to eq(day("2026-06-10"))
    end

    it "says from when there is room for one more (by hand)" do
      # Listed 5 June + 14 days = 19 June. Bench: 3 h at 1 h a day → 13 June + 14 = 27 June. Bought: 3 + 4 h → 17 June +
      # 14 = 1 July.
      pieces = [held("listed", listed: "2026-06-05"), held("on the bench", hours: 3), held("bought", hours: 4)]
      expect(room(3, *pieces, market_days: 14).from).to eq(day("2026-06-19"))
      expect(room(2, *pieces, market_days: 14).from).to eq(day("2026-06-27"))
      expect(room(3, *pieces,
                  market_days: 14).text).to include("At your usual selling speed, a space opens up around 19 Jun")
    end

    it "rounds to the day on which the place is surely free: work up to the whole day, days on the market too (by hand)" do
      # 1 h and a second at 1 h a day ends on the second day: 12 June, and 14 days; 13.5 days on the market are 14.
      piece = scout::Room::Held.new(stage: "bought", seconds_to_come: 3601)
      expect([14, 13.5, 13].map do |days|
        room(1, piece, market_days: days).from
      end).to eq([day("2026-06-26"), day("2026-06-26"), day("2026-06-25")])
    end

    it "counts the hours left this month (by hand)" do
      # 21 days from the 10th to the 30th at 1 h a day, less 7 h to come.
      expect(room(9, held("bought", hours: 7)).seconds_left).to eq(14 * 3600)
      expect(room(9, held("bought", hours: 30)).text).to end_with("you have about 9 h more work planned than you have time for this month.")
    end

    it "says what is not set" do
      expect(room(nil, held("bought")).text).to include("In House rules, say how many pieces fit")
      expect(room(1, held("bought", hours: 1), weekly: nil).text).to include("Your hours a week aren't set in House rules.")
    end
  end

  it "compares estimates with what came of them" do
    record = scout::TrackRecord
    row = record.row([[100, 110], [100, 120], [100, 90], [nil, 5], [0, 5], [100, nil]])
    expect([row.n, row.ratio, row.text]).to eq([3, 11/10r, "10% more than expected; too few to tell"])
    expect(record.row([[10, 10]] * 5).text).to eq("as expected")
    expect(record.row([]).text).to eq("nothing to compare yet")
  end
end
