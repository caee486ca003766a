# frozen_string_literal: true

require_relative "../support/planned_pieces"

# Working steps with a timer, and what dries after them.
RSpec.describe "steps at the bench", :api do
  include_context "with planned pieces"

  describe "a timer on a step" do
    it "takes its kind from the step, shows the estimate, and ends with the step done or not, hours against estimate" do
      timer = start("vacuum")
      expect(timer).to include("kind" => "cleaning",
                               "steps" => [include("step" => "vacuum", "label" => "Vacuum and brush out")], "proposal" => nil)
      expect(today["timers"].first["steps"].first["estimate"]["seconds"]).to eq(step("vacuum")["time"]["seconds"])
      wait_for(20)
      entry = call(:post, "/api/timers/#{timer['id']}/stop", { done: true })
      expect(entry["effort"]["text"]).to eq("20 min")
      expect(step("vacuum")).to include("state" => "done", "actual" => include("text" => "20 min"))
      again = start("wash")
      wait_for(30)
      call(:post, "/api/timers/#{again['id']}/stop", {})
      expect(step("wash")).to include("state" => "open", "actual" => include("text" => "10 min"))
      call(:patch, "/api/work/#{entry['id']}", { effort: "25 min" })
      expect(step("vacuum")["actual"]["text"]).to eq("25 min")
      call(:delete, "/api/work/#{entry['id']}")
      expect(step("vacuum")["actual"]).to be_nil
    end

    it "runs on like steps of several pieces, and refuses different kinds, what is done, and unread cautions" do
      other = planned("Table")
      steps = [id, other].map { |one| { piece_id: one, step: "vacuum" } }
      timer = call(:post, "/api/timers", { steps: steps })
      wait_for(30)
      entry = call(:post, "/api/timers/#{timer['id']}/stop", { done: true })
      expect(entry["shares"].map { |share| share["effort"]["text"] }).to eq(["15 min", "15 min"])
      expect(step("vacuum")["state"]).to eq("done")
      expect(refusal(start("vacuum"), :step)).to include("is already done")
      mixed = call(:post, "/api/timers",
                   { steps: [{ piece_id: id, step: "record" }, { piece_id: other, step: "wash" }] })
      expect(refusal(mixed, :steps)).to include("different kinds")
      call(:post, "/api/pieces/#{id}/findings", { kind: "woodworm" })
      expect(refusal(start("treat_worm"), :caution)).to include("Read the caution first")
    end

    it "proposes an end where it was forgotten" do
      timer = start("vacuum")
      estimate = timer["steps"].first["estimate"]["seconds"]
      wait_for(300)
      forgotten = today["timers"].first
      expect(forgotten).to include("long" => true,
                                   "proposal" => include("effort" => include("seconds" => estimate),
                                                         "why" => "as long as planned"))
      entry = call(:post, "/api/timers/#{timer['id']}/stop", { effort: forgotten["proposal"]["effort"]["text"] })
      expect(entry["effort"]["seconds"]).to eq(estimate)
    end

    it "on a trial ends with its result: stopped as done, it worked" do
      made = call(:post, "/api/products", { label: "Moss satin", generic: "paint_all" })
      look = call(:get, "/api/pieces/#{id}/plan")["looks"].first["id"]
      zones = call(:get, "/api/pieces/#{id}/plan")["zones"].select { |zone| zone["shown"] }.map { |zone| zone["key"] }
      call(:put, "/api/looks/#{look}/zones", { zones: zones, finish: "paint", colour: "#243b53", product: made["key"] })
      trial = call(:get, "/api/pieces/#{id}/plan")["plan"]["steps"].find do |one|
        one["key"].start_with?("try-product")
      end["key"]
      timer = start(trial)
      expect(timer["steps"].first["trial"]).to be(true)
      wait_for(10)
      call(:post, "/api/timers/#{timer['id']}/stop", { done: true })
      expect(call(:get, "/api/pieces/#{id}")["diary"].map do |line|
        line["text"]
      end).to include(match(/Test Moss satin.*: worked\./))
      expect(step(trial)).to be_nil.or include("state" => "done")
    end

    it "stops a step that somebody else ticked off meanwhile without a fuss" do
      timer = start("vacuum")
      done("vacuum")
      wait_for(5)
      expect(call(:post, "/api/timers/#{timer['id']}/stop", { done: true })["effort"]["text"]).to eq("5 min")
      expect(status).to eq(201)
    end
  end

  describe "drying" do
    it "starts a clock when a step with a wait is done, and wants a reason for what would come too early" do
      done("wash")
      done("wash-rinse")
      clock = today.fetch("drying").first
      expect(clock).to include("label" => "Rinse with clean water", "free" => "14:00", "over" => false)
      follower = call(:get, "/api/pieces/#{id}/plan").dig("plan", "steps").find do |one|
        one["needs"].any? do |need|
          need["key"] == "wash-rinse"
        end
      end["key"]
      expect(refusal(start(follower), :reason)).to include("Too early", "14:00")
      expect(refusal(done(follower), :reason)).to include("Too early")
      expect(refusal(start(follower, reason: "x" * 201), :reason)).to include("It's longer than 200 characters")
      timer = start(follower, reason: "warm wind")
      expect(timer["steps"].first["step"]).to eq(follower)
      expect(call(:get, "/api/pieces/#{id}").fetch("diary").map do |line|
        line["text"]
      end).to include(/before “Rinse with clean water” was free: warm wind/)
      call(:delete, "/api/timers/#{timer['id']}")
      wait_for(121)
      expect(today["drying"]).to eq([])
      expect(start(follower)["id"]).to be_positive
    end

    it "waits longer in the cold, as read or simulated, and says whether a coat may go on" do
      expect(today["climate"]).to be_nil
      reading = call(:post, "/api/climate", { air: "15", humidity: 50, source: "sensor" })
      expect(reading).to include("air" => "15 °C", "humidity" => "50%", "source" => "sensor", "taken" => "12:00",
                                 "may" => true)
      done("wash")
      done("wash-rinse")
      expect(today["drying"].first).to include("free" => "14:50", "why" => "takes 41% longer at 15 °C") # 120 × 1.41 = 169.2, whole minutes up
      cold = call(:post, "/api/climate", { air: "8", humidity: "90", surface: "7" })
      expect(cold).to include("may" => false, "source" => "entered", "surface" => "7 °C",
                              "against" => include(/too cold/, /too damp/))
      simulated = call(:post, "/api/climate/simulated")
      expect(simulated["source"]).to eq("simulated")
      expect(today["climate"]).to eq(simulated)
      expect(refusal(call(:post, "/api/climate", { air: "15", humidity: "140" }), :humidity)).to include("140% humidity isn't possible")
      expect(refusal(call(:post, "/api/climate", { air: "warm", humidity: "40" }),
                     :air)).to include("isn't a temperature")
      wait_for(13 * 60)
      expect(today["climate"]).to be_nil
    end
  end

  describe "two people" do
    let(:other) { call(:post, "/api/people", { name: "Fern" }).fetch("id") }

    before { id }

    it "each have a timer of their own, one at a time, and the schedule keeps them off one piece" do
      other
      start("vacuum")
      expect(refusal(call(:post, "/api/timers", { kind: "sanding", piece_ids: [id] }),
                     :person_id)).to include("already running")
      expect(call(:post, "/api/timers",
                  { kind: "sanding", piece_ids: [id], person_id: other })["person"]["name"]).to eq("Fern")
      expect(today["timers"].map { |timer| timer["person"]["name"] }).to contain_exactly("Me", "Fern")
    end

    it "work two pieces side by side" do
      planned("Table")
      hours([2, "18:00", "20:00"])
      call(:put, "/api/people/#{other}/week", { rows: [{ weekday: 2, from: "18:00", to: "20:00" }] })
      steps = day("2026-06-30")["steps"]
      expect(steps.map { |step| step["person"] }.uniq).to contain_exactly("Me", "Fern")
      steps.combination(2) do |one, two|
        apart = one["stop"] <= two["start"] || two["stop"] <= one["start"]
        expect(apart).to be(true) if one["person"] == two["person"] || one["piece"] == two["piece"]
      end
    end

    it "put the drying places of the workshop to use, and no more" do
      planned("Table")
      call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], drying_places: "1" })
      hours([2, "12:00", "20:00"])
      rows = day("2026-06-30")["steps"]
      wait = rows.find { |row| row["step"] == "wash-rinse" }
      during = rows.select { |row| row["start"].between?(wait["stop"], wait["stop"] + 119) }
      expect(during.map { |row| row["piece"]["name"] }.uniq - [wait["piece"]["name"]]).to eq([])
    end
  end
end
