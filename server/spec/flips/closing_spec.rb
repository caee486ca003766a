# frozen_string_literal: true

require_relative "../support/planned_pieces"

# What is to come ends with the work, and what is recorded counts before it.
RSpec.describe "an end to what is to come", :api do
  include_context "with planned pieces"

  def page = call(:get, "/api/pieces/#{id}")
  def to_come = page["fields"].values_at("hours_to_come", "cost_to_come")
  def amount(key) = page["prices"].find { |figure| figure["key"] == key }["minor"]
  def plan = call(:get, "/api/pieces/#{id}/plan")["plan"]

  def work(kind, effort, of: id, on: "2026-06-29", **rest)
    call(:post, "/api/work",
         { kind: kind, effort: effort, worked_on: on, person_id: me, pieces: [{ piece_id: of }], **rest })
  end

  def not_include(text) = satisfy("not include #{text}") { |whole| !whole.include?(text) }

  describe "before the piece is ready" do
    it "never takes hours without a step off the work left: the steps they finished come off, on plan, price and schedule alike" do
      before = plan["remaining"]["seconds"]
      work("cleaning", "20 min")
      expect(plan["remaining"]["seconds"]).to eq(before)
      left = before - step("wash")["remaining"]["seconds"] - step("vacuum")["remaining"]["seconds"]
      work("cleaning", "20 min", done_steps: %w[vacuum wash].map { |key| { piece_id: id, step: key } })
      expect(plan["remaining"]["seconds"]).to eq(left)
      expect([Records::Piece.find(id).seconds_to_come, page["budget"]["to_come"]["seconds"]]).to eq([left, left])
      expect(schedule["rows"].to_s + call(:get, "/api/schedule").to_s).to include(Core::Units::Effort.text(left))
    end

    # The case of the report: coat 1 ticked, two hours of painting recorded; coat 2 keeps its time, and the week books
    # it.
    it "keeps a second coat its time though two hours of painting are recorded, and books each open step for what is left of it" do
      first, second = plan["steps"].select do |step|
        step["kind"] == "painting" && step["key"].start_with?("coat/")
      end.map { |step| step["key"] }
      call(:post, "/api/pieces/#{id}/steps/done-up-to", { step: first })
      whole = step(second)["time"]["seconds"]
      work("painting", "2 h")
      expect(step(second)["remaining"]["seconds"]).to eq(whole)
      bench = Operations::Bench::Schedules.now
      booked = bench.schedule.slots.values.to_h do |slot|
        [bench.key(slot.job), slot.chunks.sum do |from, to|
          to - from
        end * 60]
      end
      open = plan["steps"].reject { |one| one["state"] == "done" }
      expect(booked).to eq(open.to_h { |one| [one["key"], [one["remaining"]["seconds"], 60].max] })
      expect(open.sum { |one| one["remaining"]["seconds"] }).to eq(page["budget"]["to_come"]["seconds"])
    end

    it "asks whether a step is done that took well past its estimate, on the plan and on Today" do
      timer = start("wash")
      wait_for(100)
      call(:post, "/api/timers/#{timer['id']}/stop", { effort: "100 min" })
      expect(step("wash")).to include("past" => true, "state" => "open")
      expect(step("wash")["remaining"]["seconds"]).to eq((step("wash")["time"]["seconds"] / 4 / 60.0).ceil * 60) # a quarter, until it is ticked
      expect(today["past"]).to match([include("step" => "wash", "worked" => include("text" => "1 h 40"))])
      done("wash")
      expect([step("wash")["past"], today["past"]]).to eq([false, []])
    end

    def left_to_spend = Records::Piece.find(id).cost_to_come_minor

    def cost(what, **rest)
      call(:post, "/api/costs",
           { what: what, amount: "24", spent_on: "2026-06-29", pieces: [{ piece_id: id }], **rest })
    end

    it "counts nothing as bought that nobody linked, and asks once what the costs cover" do
      before = left_to_spend
      cost("Satin paint")
      cost("Coffee", category: "other")
      cost("Knobs", category: "hardware")
      expect(left_to_spend).to eq(before)
      question = today["questions"].sole
      expect(question).to include("kind" => "costs", "piece" => { "id" => id, "name" => "Chest" })
      expect(question["text"]).to include("Satin paint", "Knobs").and(not_include("Coffee"))
      paint = question["items"].find { |item| item["label"].include?("all-in-one") }
      call(:post, "/api/questions/#{question['id']}/answer", { items: [paint["item"]] })
      expect([before - left_to_spend, today["questions"]]).to eq([paint["expected"]["minor"], []])
    end

    it "leaves nothing to buy of what a cost covers, however much it was, and has it still to buy again with the cost undone" do
      before = left_to_spend
      row = call(:get, "/api/still-to-buy?pieces=#{id}&what=Satin%20paint")["rows"].sole
      likely = row["items"].select { |item| item["likely"] }
      expect([row["piece"]["id"], likely.map { |item| item["label"][/\A[\w-]+/] }]).to eq([id, ["all-in-one"]])
      made = cost("Satin paint", covers: [{ piece_id: id, item: likely.sole["item"] }])
      expect([before - left_to_spend, today["questions"]]).to eq([likely.sole["expected"]["minor"], []])
      call(:delete, "/api/costs/#{made['id']}")
      expect(left_to_spend).to eq(before)
      expect(refusal(cost("Paint", covers: [{ piece_id: id, item: "work:99" }]), :covers)).to include("doesn't need")
      expect(page["costs"]).to eq([])
    end

    it "ticks what the form was told, as of the day of the work, and asks later where nobody was asked" do
      rows = call(:get, "/api/done-with?pieces=#{id}&kind=cleaning&effort=30%20min")["rows"].sole
      likely = rows["steps"].select { |one| one["likely"] }.map { |one| one["step"] }
      expect(likely).to include("vacuum", "wash")
      work("cleaning", "30 min", done_steps: likely.map { |key| { piece_id: id, step: key } })
      marked = Records::StepMark.live.map { |mark| [mark.step, mark.done_at.to_date.iso8601] }
      expect(marked.uniq).to match_array(likely.map { |key| [key, "2026-06-29"] })
      expect(today["questions"]).to eq([])
      2.times { work("sanding", "30 min") }
      question = today["questions"].sole
      expect(question["text"]).to eq("You recorded 1 h of sanding on Chest. Done with these?")
      expect(question["steps"].select { |one| one["likely"] }.map { |one| one["step"] }).to include("scuff")
      call(:post, "/api/questions/#{question['id']}/answer", { steps: ["scuff"] })
      expect([step("scuff")["state"], today["questions"]]).to eq(["done", []])
      work("sanding", "30 min", done_steps: [])
      expect(today["questions"]).to eq([])
      stool = piece(name: "Stool")
      answer = work("sanding", "30 min", of: stool, done_steps: [{ piece_id: id, step: "dust" }])
      expect([refusal(answer, :done_steps),
              call(:get, "/api/pieces/#{stool}")["work"]]).to match([include("belongs to a piece you didn't select"), []])
    end

    it "counts what somebody said less what was recorded since, where there is no plan" do
      other = piece(name: "Stool", hours_to_come: "3 h", cost_to_come: "12")
      fields = -> { call(:get, "/api/pieces/#{other}")["fields"].values_at("hours_to_come", "cost_to_come") }
      work("sanding", "1 h", of: other)
      call(:post, "/api/costs", { what: "Wax", amount: "5", spent_on: "2026-06-29", pieces: [{ piece_id: other }] })
      expect(fields.call).to eq(["2 h", "7.00"])
      version = call(:get, "/api/pieces/#{other}")["lock_version"]
      call(:patch, "/api/pieces/#{other}", { lock_version: version, hours_to_come: "4 h" })
      expect(fields.call).to eq(["4 h", "7.00"]) # said anew: what was worked before is in it
      work("sanding", "9 h", of: other, on: "2026-06-28")
      expect(fields.call).to eq(["0 min", "7.00"])
      standing = call(:get, "/api/pieces/#{other}")["standing"] # more was worked than was said, so how much is left is not known
      expect(standing.slice("work_left", "pay_when_finished",
                            "advice")).to eq("work_left" => nil, "pay_when_finished" => nil, "advice" => "unknown")
      question = today["questions"].sole
      expect(question).to include("kind" => "said",
                                  "text" => "The 4 h you gave Stool are used up. How much work is left now?")
      expect(call(:post, "/api/questions/#{question['id']}/answer",
                  { answer: "1.5" })["told"]).to eq("1 h 30 of work left.")
      expect([fields.call, today["questions"]]).to eq([["1 h 30", "7.00"], []])
      work("sanding", "2 h", of: other)
      expect(today["questions"].map { |one| one["kind"] }).to eq(["said"])
      event(other, "sold", "2026-06-30", price: "60") # nothing is left to ask of what is gone
      expect(today["questions"]).to eq([])
    end
  end

  it "mends what broke at work from the state as it is, and forgets it with the damage" do
    %w[record drawers-out vacuum wash wash-rinse scuff dust].each { |key| done(key) }
    coat = plan["steps"].find { |step| step["key"].start_with?("coat/") }["key"]
    call(:post, "/api/pieces/#{id}/steps/done-up-to", { step: coat })
    wait_for(180)
    left = plan["remaining"]["seconds"]
    damage = call(:post, "/api/pieces/#{id}/damages",
                  { what: "Clamp slipped", place: "workshop", finding: "gouge", zone: "top", measure: "2" })
    mends = plan["steps"].select { |step| step["key"].match?(/\+\d+\z/) }
    expect(mends.map do |step|
      [step["key"][/\A[a-z-]+/], step["state"]]
    end).to eq([%w[fill open], %w[level open], %w[spot-seal open]])
    expect(mends.first["notes"]).to include("Clamp slipped")
    expect(plan["remaining"]["seconds"]).to be > left
    call(:delete, "/api/damages/#{damage['id']}")
    expect([plan["steps"].count { |step| step["key"].include?("+") }, plan["remaining"]["seconds"]]).to eq([0, left])
  end

  it "forgets what a damage said once it is taken back, where nothing else is known" do
    stool = piece(name: "Stool")
    fields = -> { call(:get, "/api/pieces/#{stool}")["fields"].values_at("hours_to_come", "cost_to_come") }
    damage = call(:post, "/api/pieces/#{stool}/damages",
                  { what: "Leg", place: "way", cost_to_come: "14", hours_to_come: "1 h" })
    expect(fields.call).to eq(["1 h", "14.00"])
    call(:delete, "/api/damages/#{damage['id']}")
    expect(fields.call).to eq(["", ""])
  end

  describe "recorded ready" do
    before do
      call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], floor_pay: "8" })
      call(:patch, "/api/pieces/#{id}", { lock_version: page["lock_version"], purchase: "40" })
    end

    it "leaves nothing to come on any page, and takes forty steps that nobody ticked as done unless it is said otherwise" do
      open = page["open_steps"]
      expect(open).to be > 15
      floor = amount("floor")
      event = event(id, "ready", "2026-06-30")
      expect(to_come).to eq(["0 min", "0.00"])
      expect([page["open_steps"], plan["remaining"]["seconds"], plan["materials"]]).to eq([0, 0, []])
      expect(plan["steps"].reject { |step| step["state"] == "done" }).to eq([])
      expect(amount("floor")).to be < floor
      expect(call(:get, "/api/shopping")["rows"].to_s).not_to include("Chest")
      expect(schedule.to_s).not_to include("Chest")
      expect(call(:get, "/api/pieces/#{id}/diary").map do |line|
        line["text"]
      end).to include("#{open} open steps of the plan counted as done")
      call(:delete, "/api/events/#{event['id']}")
      expect([page["open_steps"], amount("floor")]).to eq([open, floor])
    end

    it "asks once what became of the material planned for them: used comes off the shelf, what is left over or not needed does not" do
      call(:post, "/api/containers", { product: "degreaser", size: "1 l", paid: "10" })
      left = -> { Operations::Shelf::Containers.left.fetch("degreaser") }
      full = left.call
      event(id, "ready", "2026-06-30")
      question = today["questions"].find { |one| one["kind"] == "materials" }
      planned = question["materials"].map { |row| row["material"] }
      expect(planned).to include("degreaser")
      answer = lambda { |became|
        call(:post, "/api/questions/#{question['id']}/answer", { materials: planned.map do |one|
          { material: one, became: became }
        end })
      }
      expect([answer.call("left_over")["told"], left.call]).to eq(["The shelf stays as it is.", full])
      call(:post, "/api/acts/#{last_response.headers['act']}/undo")
      expect(answer.call("used")["told"]).to include("is off the shelf")
      expect([left.call == full, today["questions"]]).to eq([false, []])
    end

    it "asks whether a problem noted since is touched up: work again where it is, none where it stays" do
      event(id, "ready", "2026-06-20")
      today["questions"].each { |one| call(:post, "/api/questions/#{one['id']}/answer", { materials: [] }) }
      %w[left planned].each { |answer| touch_up(answer) }
      expect([page["stage"], plan["steps"].reject do |step|
        step["state"] == "done"
      end]).to match(["ready", satisfy(&:any?)])
    end

    # A gouge is found after it was ready; nothing is open before the question is answered.
    def touch_up(answer)
      call(:post, "/api/pieces/#{id}/findings", { kind: "gouge", zone: "top", measure: "2" })
      question = today["questions"].sole
      expect([question["kind"], plan["remaining"]["seconds"]]).to eq(["touch_up", 0])
      call(:post, "/api/questions/#{question['id']}/answer", { answer: answer })
      expect([plan["remaining"]["seconds"].positive?, today["questions"]]).to eq([answer == "planned", []])
    end

    it "drops them where that is said: nothing is to come, and what was not done stays a flaw" do
      call(:post, "/api/pieces/#{id}/findings", { kind: "wobble" })
      call(:post, "/api/pieces/#{id}/events", { kind: "ready", on: "2026-06-30", open_steps: "dropped" })
      expect([to_come, plan["remaining"]["seconds"]]).to eq([["0 min", "0.00"], 0])
      expect([plan["steps"], plan["dropped"].size, plan["over"]]).to match([[], be > 15, true])
      expect(call(:get, "/api/pieces/#{id}/listing")["texts"].to_s.downcase).to include("wobbl")
    end

    it "is refused while a timer runs on one of its steps, and an answer that is none" do
      start("record")
      expect(refusal(call(:post, "/api/pieces/#{id}/events", { kind: "ready", on: "2026-06-30" }),
                     :kind)).to include("timer is running")
      call(:post, "/api/pieces/#{id}/events", { kind: "ready", open_steps: "perhaps" })
      expect([status, page["stage"]]).to eq([400, "bought"])
    end
  end

  it "makes a set ready, its pieces with it, and takes that back" do
    other = planned("Twin")
    set = call(:post, "/api/sets", { name: "Pair", piece_ids: [id, other] })["id"]
    expect(call(:get, "/api/sets/#{set}")).to include("possible" => %w[ready listed sold], "open_steps" => be > 30)
    happened = call(:post, "/api/sets/#{set}/events", { kind: "ready", on: "2026-06-30" })
    expect(happened).to include("possible" => %w[listed sold], "open_steps" => 0)
    expect([id, other].map do |one|
      call(:get, "/api/pieces/#{one}").values_at("stage", "open_steps")
    end).to eq([["ready", 0]] * 2)
    expect(refusal(call(:post, "/api/sets/#{set}/events", { kind: "ready", on: "2026-06-30" }),
                   :kind)).to include("All pieces of “Pair” are already ready")
    call(:delete, "/api/set-events/#{happened['events'].last['id']}")
    expect(call(:get, "/api/sets/#{set}")).to include("possible" => %w[ready listed sold], "open_steps" => be > 30)
  end
end
