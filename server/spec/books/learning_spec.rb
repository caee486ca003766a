# frozen_string_literal: true

require_relative "../support/api_helper"

# What a history says. It is 30 June 2026. Figures by hand in the comments.
RSpec.describe "what pays", :api do
  # A sold flip: bought for paid, so many hours at the bench, sold at a price.
  def flip(kind, paid, hours, price, on: "2026-05-20", **rest)
    id = piece(name: "#{kind} for #{price}", kind: kind, purchase: paid, bought_on: "2026-05-01", **rest)
    person = call(:get, "/api/workshop")["people"].first["id"]
    if hours
      call(:post, "/api/work",
           { person_id: person, kind: "sanding", effort: "#{hours} h", worked_on: "2026-05-05", pieces: [{ piece_id: id }] })
    end
    event(id, "listed", "2026-05-10", asking: price)
    event(id, "sold", on, price: price, channel: "booth")
    id
  end

  def compare(by, **query) = call(:get, "/api/books/compare?#{URI.encode_www_form(by: by, **query)}")
  def row(answer, label) = answer["rows"].find { |one| one["label"] == label }

  before { call(:get, "/api/workshop")["people"].empty? && call(:post, "/api/people", { name: "Ada" }) }

  # Five desks: 100 − 40 in 2 h = 30 an hour; five chairs: 40 − 20 in 2 h = 10 an hour.
  it "compares kinds, each with the rest, whatever the case they are written in" do
    5.times { |time| flip(time.even? ? "desk" : "Desk", "40", 2, "100") }
    5.times { flip("chair", "20", 2, "40") }
    desk = row(compare("kind"), "desk") # the word that is used most
    expect(desk).to include("ended" => 5, "n" => 5, "edge" => "€20 an hour more than the rest", "few" => nil)
    expect([desk["hourly"], desk["rest_hourly"]].map { |money| money["text"] }).to eq(%w[€30.00 €10.00])
    expect(desk["days"]).to eq({ "n" => 5, "median" => "19", "lower" => "19", "upper" => "19" })
    expect(desk["profits"]["median"]).to eq("€60")
    # Between what came and the pay of all, 20.00; drawn in, for ten flips are few.
    expect(desk["estimate"]["middle"]["minor"]).to be_between(20_00, 29_99)
    expect(desk["estimate"]["low"]["minor"]).to be < desk["estimate"]["middle"]["minor"]
    expect(compare("kind")["opening"]).to start_with("Desk pays best")
  end

  it "says when it is too few to tell, and where nothing is known" do
    flip("desk", "40", 3, "100")
    flip("", "40", nil, "100")
    answer = compare("kind")
    expect(row(answer, "desk")).to include("edge" => nil, "few" => "one flip so far: 2 are needed", "estimate" => nil)
    expect(row(answer, "not set")).to include("n" => 0, "hourly" => nil, "hours" => nil)
    expect(compare("maker")["rows"].map { |one| one["label"] }).to eq(["not set"])
  end

  # 60.00 in 3 h at the bench and 1 h of photographing: 20 an hour, 15 by all hours. Overhead of 2.00 an hour at the
  # bench: 54.00, 18 an hour.
  it "switches profit and hours" do
    id = flip("desk", "40", 3, "100")
    person = call(:get, "/api/workshop")["people"].first["id"]
    call(:post, "/api/work",
         { person_id: person, kind: "photographing", effort: "1 h", worked_on: "2026-05-06", pieces: [{ piece_id: id }] })
    version = call(:get, "/api/workshop")["lock_version"]
    call(:patch, "/api/workshop", { lock_version: version, overhead: "2" })
    pay = lambda { |query|
      call(:get, "/api/books?#{query}")["figures"].find do |figure|
        figure["key"] == "hourly_pay"
      end["text"]
    }
    pays = [pay.call(""), pay.call("hours=all"), pay.call("view=full"), pay.call("view=full&hours=all")]
    expect(pays).to eq(%w[€20.00 €15.00 €18.00 €13.00])
    expect(call(:get,
                "/api/books?view=full")["figures"].first).to include("label" => "Full-cost profit", "text" => "€54.00")
    expect(figure(id, "full_cost_profit")["text"]).to eq("€54.00")
  end

  it "compares techniques by hours and by own words, and lists the flips behind a group" do
    id = flip("desk", "40", 3, "100", techniques: "New legs, new legs , two colours")
    other = flip("desk", "40", 3, "100")
    expect(call(:get, "/api/pieces/#{id}")["fields"]["techniques"]).to eq("New legs, two colours")
    expect(compare("technique")["rows"].to_h do |one|
      [one["label"], one["ended"]]
    end).to eq({ "Sanding" => 2, "New legs" => 1, "two colours" => 1 })
    behind = lambda { |trait|
      call(:get,
           "/api/pieces?#{URI.encode_www_form(view: 'archive', by: 'technique', trait: trait)}")["rows"].map do |one|
        one["id"]
      end
    }
    expect(behind.call("new legs")).to eq([id])
    expect(behind.call("work:sanding")).to contain_exactly(id, other)
    expect(refusal(call(:patch, "/api/pieces/#{id}", { lock_version: 0, techniques: "x" * 41 }),
                   :techniques)).to include("longer than 40")
  end

  it "draws flips one by one with lines of equal pay, and says why the best were best" do
    5.times { flip("desk", "40", 3, "100") }
    best = flip("desk", "40", 3, "190")
    flip("desk", "90", 3, "100")
    flip("desk", "40", nil, "100")
    answer = call(:get, "/api/books/spread")
    expect(answer.values_at("without", "n")).to eq([1, 8])
    expect(answer["points"].find { |point| point["id"] == best }).to include("hours" => 3.0, "major_profit" => 150.0)
    expect(answer["best"].first).to include("id" => best,
                                            "reasons" => ["brought €90 more than the median desk (of 8)"])
    expect(answer["worst"].first["reasons"]).to eq(["cost €50 more than the median desk (of 8)"])
    # 5 × 60 + 150 + 10 in 21 h: 21.90 an hour; at 3 h that is 65.71.
    expect(answer["lines"].find { |line| line["label"] == "your pay" }["pay"]["text"]).to eq("€21.90")
  end

  it "says where time and money stand" do
    flip("desk", "40", 3, "100", expected_resale: "80")
    piece(name: "Waiting", bought_on: "2026-06-20", purchase: "15")
    answer = call(:get, "/api/books/passing")
    expect(answer["parts"].to_h { |part| [part["label"], part["days"]["median"]] })
      .to eq({ "Waiting before work" => "4", "On the bench" => nil, "Ready, not yet listed" => nil,
               "For sale" => "10", "Days to sell" => "19" })
    expect(answer["oldest"].map { |one| one.values_at("name", "days") }).to eq([["Waiting", 10]])
    expect(answer["found"].map { |month| month.values_at("label", "count") }).to eq([["May 2026", 1], ["Jun 2026", 1]])
    expect(answer["estimates"].find do |line|
      line["key"] == "resale"
    end).to include("n" => 1, "over" => 1, "text" => "25% more than expected; too few to tell")
    expect(answer["waits"]).to eq([{ "stage" => "bought", "count" => 1, "days" => "10" }])
  end

  it "keeps the workshop's own money apart and sets it against the year" do
    flip("desk", "40", 3, "100")
    tool = call(:post, "/api/workshop-entries",
                { kind: "tool", what: "Random orbit sander", amount: "85", on: "2026-02-01" })
    call(:post, "/api/workshop-entries", { kind: "filming", what: "Clip of a bench", amount: "40", on: "2026-03-01" })
    call(:post, "/api/workshop-entries", { kind: "tool", what: "Old clamp", amount: "12", on: "2025-12-31" })
    year = call(:get, "/api/years/2026")
    expect(year["left"]).to include("text" => "€15.00", "sentence" => "left for the year €15.00 = €60.00 + €40.00 − €85.00")
    expect(year["entries"].map { |entry| entry["what"] }).to eq(["Clip of a bench", "Random orbit sander"])
    call(:delete, "/api/workshop-entries/#{tool['id']}")
    expect(call(:get, "/api/years/2026")["left"]["text"]).to eq("€100.00")
  end

  it "refuses an entry without sense, by its field" do
    expect(refusal(call(:post, "/api/workshop-entries", { kind: "car", what: "Van", amount: "1" }),
                   :kind)).to include("isn't one of the choices")
    expect(refusal(call(:post, "/api/workshop-entries", { kind: "tool", what: "Van", amount: "0" }),
                   :amount)).to include("above 0")
    expect(refusal(call(:post, "/api/workshop-entries", { kind: "tool", what: "Van", amount: "1", on: "2026-07-01" }),
                   :on)).to include("is after today")
  end

  # 30 June is day 181 of 365: 60.00 so far lead to 121.00 (60 × 365 ÷ 181 = 120.99).
  it "sets goals for a year and says how they go" do
    flip("desk", "40", 3, "100")
    call(:put, "/api/years/2026/goals", { profit: "100", pieces: "4" })
    goals = call(:get, "/api/years/2026")["goals"].to_h { |goal| [goal["key"], goal["text"]] }
    expect(goals["profit"]).to eq("at this pace you'll end the year at about €120.99, on course")
    expect(goals["pieces"]).to eq("at this pace you'll end the year at about 2 pieces, 2 pieces short of your goal")
    expect(goals["hourly"]).to eq("no goal set")
    expect(refusal(call(:put, "/api/years/2026/goals", { pieces: "0" }), :pieces)).to be_present
    expect(call(:get, "/api/years/2026")["typed"]).to eq({ "profit" => "100.00", "hourly" => "", "pieces" => "4" })
  end

  it "works history again" do
    flip("desk", "40", 3, "100")
    flip("chair", "20", 3, "50")
    answer = call(:get, "/api/what-if/without?by=kind&trait=Chair&filled=50")
    # 60.00 of the desk and half of 3 h at 20.00 make 90.00; with the chair it was 90.00.
    expect(answer.values_at("profit", "with", "change").map { |money| money["text"] }).to eq(%w[€90.00 €90.00 €0])
    expect(answer).to include("flips" => 1, "made_up" => "50%")
    answer = call(:get, "/api/what-if/cheaper?less=10&quicker=2")
    expect(answer).to include("n" => 2, "days" => "4", "net" => nil)
    expect(answer["lost"]["text"]).to eq("€15.00")
    expect(call(:get, "/api/what-if/side-by-side")).to include("n" => 0, "rows" => [])
  end

  # Four chests, two with slats on: 40.00 more each, and an hour.
  it "says what an extra brings a piece beside its kind, and asks one question once" do
    flips = [["80", 2], ["80", 2], ["120", 3], ["120", 3]].map do |price, hours|
      flip("chest of drawers", "20", hours, price, techniques: "Sanding")
    end
    flips.last(2).each do |id|
      look = Records::Look.create!(piece_id: id, name: "Slatted", chosen: true, swaps: "{}")
      Records::ToolResult.create!(piece_id: id, look: look, tool: "slats", given: "{}", unit: "mm")
    end
    slats = compare("extra")["rows"].find { |one| one["key"] == "slats" }
    expect(slats["a_piece"]).to match(/\A\+€\d+ a piece compared with others of its kind \(likely .*€\d+\), for 1 h more work\z/)
    # A tag that says a kind of work is that kind of work.
    labels = compare("technique")["rows"].map { |one| one["label"].downcase }
    expect(labels).to eq(labels.uniq)
  end
end
