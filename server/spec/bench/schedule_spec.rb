# frozen_string_literal: true

require_relative "../support/planned_pieces"
require "icalendar"

# The bench: schedule, working hours, what fits now, the diary, the calendar.
RSpec.describe "the bench", :api do
  include_context "with planned pieces"

  describe "the schedule" do
    before do
      id
      hours([2, "18:00", "20:00"], [6, "9:00", "13:00"])
    end

    it "puts steps into the hours of the week with their waits, and says when the piece is ready and why in this order" do
      tuesday = day("2026-06-30")
      expect(tuesday["sessions"]).to contain_exactly(include("from" => "18:00", "to" => "20:00", "start" => 1080,
                                                             "stop" => 1200))
      expect(tuesday["steps"].first).to include("step" => "record", "from" => "18:00", "place" => "at the bench")
      expect(tuesday["steps"].map { |one| one["person_id"] }).to all(eq(me))
      expect(day("2026-07-01").values_at("sessions", "steps")).to eq([[], []])
      rinse = schedule["days"].flat_map { |one| one["steps"] }.find { |one| one["step"] == "wash-rinse" }
      expect(rinse["wait"]).to eq("2 h")
      row = schedule["pieces"].first
      expect(row["ready"]["on"]["iso"]).to be > "2026-07-04"
      expect(row["ready"]["early"]["iso"]).to be <= row["ready"]["on"]["iso"]
      expect(row["ready"]["late"]["iso"]).to be >= row["ready"]["on"]["iso"]
      expect(row["why"]).to match(/\AChest: about €\d+ of profit for [\d.¼½¾h min]+ of work left/)
      expect(schedule["assumed"]).to eq([])
      expect(schedule("2026-07-07").values_at("from", "earlier").map do |one|
        one["iso"]
      end).to eq(%w[2026-07-07 2026-06-30])
    end

    it "moves a step to another day with what follows it, says what that does, and takes it back" do
      told = call(:put, "/api/schedule/moves", { steps: [{ piece_id: id, step: "record" }], day: "2026-07-04" })
      expect(told["changes"].first).to match(/Chest: ready .* instead of/)
      expect(keys(day("2026-06-30"))).to eq([])
      expect(day("2026-07-04")["steps"].first).to include("step" => "record", "moved" => true,
                                                          "why" => include("You moved it to this day."))
      call(:put, "/api/schedule/moves", { steps: [{ piece_id: id, step: "record" }], day: "" })
      expect(keys(day("2026-06-30"))).to include("record")
    end

    it "refuses moves that cannot be: into the past, too far, of what is done, runs or is not there" do
      move = ->(key, to) { call(:put, "/api/schedule/moves", { steps: [{ piece_id: id, step: key }], day: to }) }
      expect(refusal(move.call("record", "2026-06-29"), :day)).to include("is over")
      expect(refusal(move.call("record", "2027-06-29"), :day)).to include("too far ahead")
      expect(refusal(move.call("record", "tomorrow"), :day)).to include("isn't a date")
      expect(refusal(move.call("polish", "2026-07-04"), :step)).to include("no such step")
      timer = start("record")
      expect(refusal(move.call("record", "2026-07-04"), :step)).to include("running")
      call(:post, "/api/timers/#{timer['id']}/stop", { done: true })
      expect(refusal(move.call("record", "2026-07-04"), :step)).to include("so it can't be moved")
    end

    it "says when a promise is late, and whose turn it takes" do
      other = planned("Table")
      version = call(:get, "/api/pieces/#{other}").fetch("lock_version")
      call(:patch, "/api/pieces/#{other}", { promised_on: "2026-07-05", lock_version: version })
      rows = schedule["pieces"]
      expect(rows.map { |row| row["piece"]["name"] }).to eq(%w[Table Chest])
      expect(rows.first).to include("promised" => include("iso" => "2026-07-05"), "late_days" => be_positive,
                                    "why" => "Promised for 5 Jul 2026.")
      expect(schedule["gives_way"]).to include(match(/Chest is ready \d+ days? later because of other promises/))
    end

    it "knows hours that are assumed, days that differ, and refuses times that cannot be" do
      expect(call(:get,
                  "/api/people/#{me}/week")).to include("assumed" => false,
                                                        "rows" => include(
                                                          "weekday" => 6, "from" => "09:00", "to" => "13:00"
                                                        ))
      told = call(:put, "/api/people/#{me}/day", { day: "2026-06-30" })
      expect(told["changes"].join).to include("Chest")
      expect(day("2026-06-30")["sessions"]).to eq([])
      call(:put, "/api/people/#{me}/day", { day: "2026-06-30", from: "14:00", to: "15:00" })
      expect(day("2026-06-30")["sessions"].first).to include("from" => "14:00")
      call(:put, "/api/people/#{me}/day", { day: "2026-06-30", usual: true })
      expect(day("2026-06-30")["sessions"].first).to include("from" => "18:00")
      expect(refusal(hours([2, "20:00", "18:00"]),
                     :to)).to eq("Tuesday: It ends before it starts. Enter the later time second.")
      expect(refusal(hours([2, "late", "18:00"]), :from)).to include("Tuesday: “late” isn't a time of day")
      expect(refusal(hours([2, "18:00", ""]), :to)).to include("missing")
      expect(refusal(call(:put, "/api/people/#{me}/day", { day: "someday" }), :day)).to include("isn't a date")
      hours
      expect(schedule["assumed"]).to eq(["Me"])
      expect(call(:get, "/api/people/#{me}/week")["assumed"]).to be(true)
      hours([2, "00:00", "24:00"])
      expect(day("2026-06-30")["sessions"].first).to include("time" => include("text" => "24 h"), "stop" => 1440)
    end

    it "takes outdoor steps off a day of rain and brings them back" do
      call(:post, "/api/pieces/#{id}/findings", { kind: "musty" })
      expect(keys(day("2026-07-04"))).to include("air")
      call(:put, "/api/schedule/weather", { day: "2026-07-04", wet: true })
      expect(day("2026-07-04")).to include("wet" => true)
      expect(keys(day("2026-07-04"))).not_to include("air")
      call(:put, "/api/schedule/weather", { day: "2026-07-04", wet: false })
      expect(keys(day("2026-07-04"))).to include("air")
      expect(refusal(call(:put, "/api/schedule/weather", { day: "x", wet: true }), :day)).to include("isn't a date")
    end

    it "shows the other pieces where no plan can be made of one" do
      other = planned("Table")
      Records::Piece.find(other).update_columns(leg_mm: 9000) # legs taller than the piece: refused when typed
      expect(schedule["pieces"].map { |row| row["piece"]["id"] }).to eq([id])
      expect(schedule["unplanned"].map { |one| one["id"] }).to eq([other])
    end

    it "names pieces that have no look, and says why nobody knows a ready date" do
      bare = piece(name: "Stool")
      expect(schedule["unplanned"].map { |one| one["id"] }).to eq([bare])

      look = call(:get, "/api/pieces/#{id}/plan")["looks"].find { |one| one["chosen"] }
      call(:put, "/api/looks/#{look['id']}/zones", { zones: ["top"], finish: "undecided" })
      expect(schedule["pieces"].first["ready"]).to include("on" => nil, "why" => include("Choose a finish for"))
    end
  end

  describe "what fits now" do
    before { id }

    it "offers the next steps for the time at hand, whatever the hours of the day, and fewer for less time" do
      hour = today.fetch("now")
      expect(hour).to include("minutes" => 60, "person_id" => me)
      expect(hour["rows"].first).to include("step" => "record", "from" => "12:00")
      expect(hour["rows"].sum { |row| row["time"]["seconds"] }).to be <= 3600
      few = today(minutes: 15).fetch("now")["rows"]
      expect(few.size).to be < hour["rows"].size
      expect(few.sum { |row| row["time"]["seconds"] }).to be <= 900
      hours([2, "11:00", "12:40"])
      expect(today.fetch("now")["minutes"]).to eq(40)
      call(:get, "/api/today?person=99999")
      expect(status).to eq(404)
    end

    it "shows the week: hours, what is booked, rain, and what is ready" do
      hours([2, "18:00", "20:00"])
      call(:put, "/api/schedule/weather", { day: "2026-07-01", wet: true })
      week = today.fetch("week")
      expect(week.size).to eq(7)
      expect(week.first).to include("hours" => include("text" => "2 h"), "wet" => false, "pieces" => ["Chest"])
      expect(week.first["booked"]["seconds"]).to be_between(1, 7200)
      expect(week[1]).to include("wet" => true, "steps" => 0, "booked" => include("seconds" => 0))
    end
  end

  it "keeps a diary of everything in order, and says in the evening what the day came to" do
    expect(today["summary"]).to be_nil
    call(:post, "/api/costs",
         { what: "Hinges", category: "hardware", amount: "4.50", spent_on: "2026-06-02", pieces: [{ piece_id: id }] })
    call(:post, "/api/containers", { product: "degreaser", size: "750 ml", paid: "7.50" })
    start("wash").then do |timer|
      wait_for(12) && call(:post, "/api/timers/#{timer['id']}/stop", { done: true, take: true })
    end
    estimate = step("wash")["time"]["seconds"]
    evening = today["summary"]
    expect(evening).to include("worked" => include("text" => "12 min"), "estimated" => include("seconds" => estimate),
                               "steps" => 1, "pieces" => 1)
    call(:post, "/api/pieces/#{id}/experiences", { step: "wash", worked: "no", lost: "10", note: "still greasy" })
    lines = call(:get, "/api/pieces/#{id}/diary")
    expect(lines.map { |line| line["kind"] }).to include("bought", "cost", "shelf", "work", "step", "note")
    texts = lines.map { |line| line["text"] }
    expect(texts).to include("Hinges", match(/\AUsed from the shelf: \d+ ml degreaser/), "Cleaning, Me",
                             "Lead: no lead found.")
    expect(texts).to include(match(/\ADone: Wash/), match(/did not work, 10 min lost. still greasy/))
    days = lines.filter_map { |line| line.dig("on", "iso") }
    expect(days).to eq(days.sort.reverse)
    expect(lines.find { |line| line["kind"] == "work" }["effort"]["text"]).to eq("12 min")
    expect(lines.find { |line| line["kind"] == "cost" }["money"]["text"]).to eq("€4.50")
    call(:get, "/api/pieces/999/diary")
    expect(status).to eq(404)
  end

  it "is a calendar to subscribe to: sessions, ends of drying, ready and promised dates, across the change of daylight saving" do
    call(:patch, "/api/workshop",
         { lock_version: call(:get, "/api/workshop")["lock_version"], time_zone: "Europe/Dublin" })
    id
    hours([0, "00:30", "03:30"], [2, "18:00", "20:00"])
    done("wash")
    done("wash-rinse")
    version = call(:get, "/api/pieces/#{id}").fetch("lock_version")
    call(:patch, "/api/pieces/#{id}", { promised_on: "2026-07-20", lock_version: version })
    events = Icalendar::Calendar.parse(call(:get, "/api/calendar.ics")).first.events
    names = events.map { |event| event.summary.to_s }
    expect(names).to include(match(/\ABench: Me, \d+ steps?\z/), "Dry: Rinse with clean water, Chest",
                             match(/\AReady: Chest/), "Promised: Chest")
    tuesday = events.find { |event| event.summary.start_with?("Bench") }
    expect(tuesday.dtstart.to_i).to eq(Time.utc(2026, 6, 30, 17).to_i) # 18:00 in summer
    # The night in which the clock goes back has an hour more: three hours by the clock, four to work in.
    long = Operations::House::WorkingTimes.on(Date.new(2026, 10, 25)).map { |_, from, to| (to - from) / 3600 }
    short = Operations::House::WorkingTimes.on(Date.new(2026, 3, 29)).map { |_, from, to| (to - from) / 3600 }
    expect([long, short]).to eq([[4.0], [2.0]])
  end

  it "keeps the rules of the bench, and refuses what cannot be" do
    version = -> { call(:get, "/api/workshop").fetch("lock_version") }
    change = ->(**rules) { call(:patch, "/api/workshop", { lock_version: version.call, **rules }) }
    expect(change.call(drying_places: "4", spray_tent: "yes", light_from: "7:30", light_to: "21:00"))
      .to include("drying_places" => 4, "spray_tent" => "yes", "light_from" => "07:30", "light_to" => "21:00")
    expect(refusal(change.call(light_from: "22:00"), :to)).to include("It ends before it starts")
    expect(refusal(change.call(drying_places: "0"), :drying_places)).to include("is out of range")
    expect(refusal(change.call(light_from: ""), :light_from)).to include("empty")
  end
end
