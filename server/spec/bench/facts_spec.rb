# frozen_string_literal: true

require_relative "../support/planned_pieces"

# What devices note while the workshop is out of reach, and tell later. It is Tuesday 30 June 2026, 12:00 UTC.
RSpec.describe "facts that devices tell later", :api do
  include_context "with planned pieces"

  # Questions about what does not fit together, without those about steps and costs.
  def asked = today["questions"].select { |one| %w[overlap short].include?(one["kind"]) }

  let(:tin) do
    call(:post, "/api/containers",
         { product: "paint_all", size: "500 ml", paid: "25", bought_on: "2026-06-01" })["ids"].first
  end
  let(:bram) { call(:post, "/api/people", { name: "Bram" })["id"] }

  # Tells it. happened, sent: moments by the device's clock.
  def tell(path, body, happened:, sent: nil, reference: "made-here-#{SecureRandom.hex(8)}", key: SecureRandom.hex(8),
           **headers)
    given = { "HTTP_REFERENCE" => reference, "HTTP_HAPPENED_AT" => happened, "HTTP_SENT_AT" => sent,
              "HTTP_IDEMPOTENCY_KEY" => key, **headers }
    call(:post, path, body, given.compact.transform_keys(&:to_s))
  end

  def timed(from, to, **rest)
    tell("/api/work/timed", { from: "2026-06-30T#{from}:00Z", to: "2026-06-30T#{to}:00Z", person_id: me,
                              piece_ids: [id], kind: "sanding", **rest },
         happened: "2026-06-30T#{to}:00Z")
  end

  def draw(amount, at, **rest)
    tell("/api/draws", { product: "paint_all", amount: amount, pieces: [{ piece_id: id }], **rest },
         happened: "2026-06-30T#{at}:00Z")
  end

  def level(left, at) = tell("/api/containers/#{tin}/level", { left: left }, happened: "2026-06-30T#{at}:00Z")
  def left = call(:get, "/api/shelf?finished=true")["rows"].first["left"]

  def cost(reference, **rest)
    tell("/api/costs", { what: "Wax", amount: "8", pieces: [{ piece_id: id }] }, happened: "2026-06-28T09:00:00Z",
                                                                                 reference: reference, **rest)
  end

  it "counts each once for ever, under whatever key it is sent, and says that it was there" do
    made = cost("one-wax-tin")
    expect([status, made["spent_on"]["iso"]]).to eq([201, "2026-06-28"])
    again = cost("one-wax-tin")
    expect([status, again["known"]]).to eq([409, { "id" => made["id"] }])
    call(:delete, "/api/costs/#{made['id']}")
    cost("one-wax-tin")
    expect(status).to eq(409) # what was removed stays removed
    expect(figure(id, "cash_in")["text"]).to eq("€30.00")
  end

  it "gives what is told without a day the day on which it was noted: tins, receipts, hours of a day" do
    noted = { happened: "2026-06-28T09:00:00Z" }
    tell("/api/containers", { product: "paint_all", size: "500 ml", paid: "25" }, **noted)
    tell("/api/receipts", { lines: [{ what: "Wax", amount: "7", pieces: [{ piece_id: id }] }] }, **noted)
    tell("/api/days", { unit: "h", rows: [{ pieces: [{ piece_id: id }], kind: "sanding", effort: "1" }] }, **noted)
    page = call(:get, "/api/pieces/#{id}")
    tin = call(:get, "/api/shelf")["rows"].first["containers"].first
    days = [tin["bought_on"], page["costs"].first["spent_on"], page["work"].first["worked_on"]]
    expect(days.map { |day| day["iso"] }).to eq(["2026-06-28"] * 3)
    call(:post, "/api/containers", { product: "paint_all", size: "1 l" }) # here and now: not said is not known
    expect(call(:get, "/api/shelf")["rows"].first["containers"].map do |one|
      one["bought_on"]&.fetch("iso")
    end).to include(nil)
  end

  it "knows a timer again whose answer was lost: it runs once, and its hours count once" do
    wanted = { kind: "sanding", piece_ids: [id] }
    call(:post, "/api/timers", wanted, "HTTP_REFERENCE" => "lost-answer")
    expect(call(:get, "/api/timers")["timers"].map { |one| one["reference"] }).to eq(["lost-answer"])
    timed("11:20", "12:00", begun_as: "another-one")
    expect([call(:get, "/api/timers")["timers"].size, asked.size]).to eq([1, 0])
    wait_for(30)
    tell("/api/work/timed", { from: "2026-06-30T12:00:00Z", to: "2026-06-30T12:30:00Z", person_id: me, piece_ids: [id], kind: "sanding",
                              begun_as: "lost-answer" }, happened: "2026-06-30T12:30:00Z")
    expect([status, call(:get, "/api/timers")["timers"], asked]).to eq([201, [], []])
    expect(call(:get, "/api/pieces/#{id}")["work"].map do |one|
      one["effort"]["text"]
    end).to contain_exactly("40 min", "30 min")
  end

  it "has plans counted once where more follows: before anybody else asks, or at the next start" do
    both = [id, planned("Second chest")]
    to_come = -> { Records::Piece.order(:id).pluck(:seconds_to_come, :cost_to_come_minor) }
    before = to_come.call
    expect(before.flatten).to all(be_positive)
    allow(Operations::Flips::ToCome).to receive(:renew).and_call_original
    (both * 2).each_with_index do |one, number|
      tell("/api/work/timed", { from: "2026-06-30T0#{number}:00:00Z", to: "2026-06-30T0#{number}:20:00Z", piece_ids: [one], kind: "painting" },
           happened: "2026-06-30T0#{number}:20:00Z", "HTTP_MORE_FOLLOWS" => "yes")
    end
    expect(to_come.call.map(&:first)).to eq([nil, nil])
    call(:get, "/api/version")
    expect(to_come.call.map(&:first)).to eq([nil, nil])
    allow(Operations::Planning::Together).to receive(:forget).and_raise(ActiveRecord::StatementTimeout)
    expect { call(:get, "/api/workshop") }.to output(/couldn't be counted/).to_stderr # and is not lost with that
    expect(status).to eq(200)
    allow(Operations::Planning::Together).to receive(:forget).and_call_original
    call(:get, "/api/timers")
    after = to_come.call
    expect(after.flatten).to all(be_positive)
    Records::Piece.where(id: id).update_all(seconds_to_come: nil) # as a server leaves it that ended in between
    Operations::Flips::ToCome.complete
    expect(to_come.call).to eq(after)
    expect(Operations::Flips::ToCome).to have_received(:renew).exactly(3).times # in vain, for both, and at the start
    expect(after.map(&:first)).to eq(before.map(&:first)) # hours without a step leave the work that is left: which steps they finished is asked
    expect(today["questions"].map do |one|
      [one["kind"], one["piece"]["name"]]
    end).to contain_exactly(%w[hours Chest], ["hours", "Second chest"])
  end

  it "sets a wrong clock right by the time at which it is sent, and never into the future" do
    cost("a-day-behind", happened: "2026-06-27T09:00:00Z", sent: "2026-06-29T12:00:00Z")
    ahead = cost("a-day-ahead", happened: "2026-07-01T11:00:00Z", sent: "2026-07-01T12:00:00Z")
    future = cost("no-send-time", happened: "2026-07-02T09:00:00Z")
    expect([ahead, future].map { |one| one["spent_on"]["iso"] }).to eq(%w[2026-06-30 2026-06-30])
    expect(Records::Fact.find_by(reference: "a-day-behind").happened_at).to eq(Time.utc(2026, 6, 28, 9))
    hours = tell("/api/work/timed", { from: "2026-07-01T11:10:00Z", to: "2026-07-01T11:50:00Z", piece_ids: [id], kind: "sanding" },
                 happened: "2026-07-01T11:50:00Z", sent: "2026-07-01T12:00:00Z")
    expect(hours.values_at("effort", "worked_on").map { |one| one["text"] }).to eq(["40 min", "Tue 30 Jun"])
    expect(Records::WorkEntry.last.started_at).to eq(Time.utc(2026, 6, 30, 11, 10))
    ended = { from: "2026-07-01T09:00:00Z", to: "2026-07-01T09:30:00Z", piece_ids: [id], kind: "sanding" }
    # Told as it ends.
    now = tell("/api/work/timed", ended, happened: nil, sent: "2026-07-01T12:00:00Z")
    begun = Records::WorkEntry.last.started_at
    expect([now["effort"]["text"], begun]).to eq(["30 min", Time.utc(2026, 6, 30, 9)])
  end

  it "refuses what cannot be a moment, is of another workshop, or ended before it began, and writes nothing" do
    expect(refusal(cost("no-moment", happened: "yesterday"), :happened_at)).to include("isn't a point in time")
    expect(refusal(cost("last-spring", happened: "2025-04-01T09:00:00Z"),
                   :happened_at)).to include("more than a year ago")
    expect(cost("not-ours", HTTP_WORKSHOP: "another")["errors"].first["code"]).to eq("other_workshop")
    expect(cost("ours-indeed", HTTP_WORKSHOP: call(:get, "/api/version")["workshop"])["id"]).to be_positive
    expect(refusal(timed("11:00", "10:00"), :effort)).to include("clock was changed")
    expect(timed("11:00", "10:00", effort: "25 min")["errors"].first["code"]).to eq("ended_before_it_began")
    expect(Records::Fact.count).to eq(1)
  end

  it "takes a tick that somebody made before as fine, and says who and when" do
    bram
    at("2026-06-30T14:10:00Z")
    done("vacuum", person_id: bram)
    at("2026-06-30T16:00:00Z")
    told = tell("/api/pieces/#{id}/steps/done", { step: "vacuum", person_id: me }, happened: "2026-06-30T15:00:00Z")
    expect(told).to eq("marks" => 0, "now" => nil, "told" => "Bram did it at 14:10.")
    expect(tell("/api/pieces/#{id}/steps/done", { step: "wash" }, happened: "2026-06-30T15:20:00Z")["told"]).to be_nil
    expect(Records::StepMark.last.done_at).to eq(Time.utc(2026, 6, 30, 15, 20))
    expect(refusal(done("vacuum"), :step)).to include("already done") # at the bench itself it is still said
  end

  it "records a timer of a device on its steps, ends ours that it stood for, and asks about hours that overlap" do
    timer = start("vacuum")
    entry = timed("11:00", "11:40", timer_id: timer["id"], piece_ids: [], steps: [{ piece_id: id, step: "vacuum" }],
                                    done: true)
    expect([entry["label"], entry["effort"]["text"], step("vacuum")["state"],
            today["timers"]]).to eq(["Cleaning", "40 min", "done", []])
    gone = timed("11:30", "11:50", timer_id: timer["id"], steps: [{ piece_id: id, step: "not-in-the-plan" }],
                                   piece_ids: [], kind: "sanding", done: true)
    expect([gone["label"], gone["effort"]["text"]]).to eq(["Sanding", "20 min"])
    question = asked.first
    expect(question["text"]).to start_with(
      "Me: overlapping hours on Tue 30 Jun, cleaning 11:00 to 11:40 and sanding 11:30 to 11:50."
    )
    labels = question["answers"].map { |one| one["label"] }
    expect(labels).to eq(["Keep both", "cleaning 11:00 to 11:40", "sanding 11:30 to 11:50"])
    expect(call(:post, "/api/questions/#{question['id']}/answer",
                { answer: "first" })["told"]).to eq("10 min of sanding of it is left.")
    expect([asked, today["worked"]["text"]]).to eq([[], "50 min"])
    expect(call(:post, "/api/questions/#{question['id']}/answer",
                { answer: "first" })["errors"].first["code"]).to eq("asked_no_longer")
  end

  def take_back(question) = call(:delete, "/api/questions/#{question['id']}/answer")
  def spans = Records::WorkEntry.live.order(:id).map { |one| [one.started_at.strftime("%H:%M"), one.seconds / 60] }

  it "takes an answer back: the hours are what they were, and it is asked again; not where they were changed since" do
    timed("09:00", "10:00")
    timed("09:50", "10:20")
    question = asked.first
    answer = ->(key) { call(:post, "/api/questions/#{question['id']}/answer", { answer: key }) }
    take_back(question)
    expect(status).to eq(422)
    %w[second first both].each do |key|
      answer.call(key)
      take_back(question)
      expect([status, spans, today["worked"]["text"],
              asked]).to eq([200, [["09:00", 60], ["09:50", 30]], "1 h 30", [question]])
    end
    answer.call("first")
    work = call(:get, "/api/pieces/#{id}")["work"].find { |one| one["effort"]["text"] == "20 min" }
    call(:patch, "/api/work/#{work['id']}", { effort: "25" })
    expect([status, take_back(question)["errors"].first["code"],
            spans.last.last]).to eq([200, "hours_changed_since", 25])
    timed("09:10", "09:40") # wholly in the first
    inner = asked.first
    call(:post, "/api/questions/#{inner['id']}/answer", { answer: "first" })
    expect(spans.size).to eq(2)
    take_back(inner)
    expect([spans.size, asked.map { |one| one["id"] }]).to eq([3, [inner["id"]]])
  end

  it "lets both stand, or takes away what lay wholly in the other" do
    timed("09:00", "10:00")
    timed("09:10", "09:40")
    answer = ->(key) { call(:post, "/api/questions/#{asked.first['id']}/answer", { answer: key })["told"] }
    expect(answer.call("nobody")).to be_nil
    expect(answer.call("first")).to include("removed")
    timed("09:50", "10:20")
    expect([answer.call("both"), today["worked"]["text"]]).to eq(["Both are kept.", "1 h 30"])
    other = call(:post, "/api/work/timed",
                 { from: "2026-06-30T09:50:00Z", to: "2026-06-30T10:20:00Z", person_id: bram, piece_ids: [id], kind: "sanding" })
    expect([other["effort"]["text"], asked]).to eq(["30 min", []]) # two people may work at once
  end

  it "comes to the same level and money in whatever order draws and readings are told" do
    acts = [[:draw, "100 ml", "08:00"], [:level, "350 ml", "09:00"], [:draw, "50 ml", "10:00"],
            [:level, "250 ml", "10:30"], [:draw, "20 ml", "11:00"]]
    spent = 0
    ends = [acts, *acts.permutation.to_a.sample(11, random: Random.new(4))].map do |order|
      Records::Draw.live.update_all(deletion_id: Records::Deletion.create!(what: "the try before").id)
      expect(Records::Container.find(tin).size_thousandths).to eq(500_000)
      order.each { |act, *given| send(act, *given) }
      spent_before = spent
      spent = Records::Cost.live.sum(:amount_minor)
      [left, spent - spent_before, Records::Draw.live.sum(:amount_minor)]
    end
    # 500 − 100 taken − 50 unseen − 50 taken − 50 unseen − 20 taken = 230 ml; of 25.00 a tin, 170 ml for the
    # piece cost 8.50.
    expect(ends.uniq).to eq([["230 ml", 850, 1350]])
  end

  it "records more than stood in a tin, and asks how much is left until somebody has looked" do
    tin
    draw("400 ml", "08:00")
    draw("250 ml", "09:00")
    expect(status).to eq(201)
    question = asked.first
    expect(question).to include("kind" => "short", "container_id" => tin,
                                "text" => match(/\A150 ml more .* was used than the shelf says was left\. How much is left now\?\z/))
    expect(call(:post, "/api/questions/#{question['id']}/answer",
                { answer: "both" })["errors"].first["code"]).to eq("read_the_level")
    expect(figure(id, "cash_in")["text"]).to eq("€55.00") # the tin's 25.00 and no more
    level("60 ml", "10:00")
    expect([asked, left]).to eq([[], "60 ml"])
  end

  it "keeps a note in the diary on the day it was made" do
    made = tell("/api/pieces/#{id}/notes", { text: "The left door binds" }, happened: "2026-06-29T10:00:00Z")
    expect(call(:get,
                "/api/pieces/#{id}/diary")).to include(include("text" => "The left door binds",
                                                               "on" => include("iso" => "2026-06-29")))
    expect(refusal(call(:post, "/api/pieces/#{id}/notes", { text: " " }), :text)).to include("empty")
    expect(call(:delete, "/api/notes/#{made['id']}")["what"]).to eq("Note removed")
    expect(call(:get, "/api/pieces/#{id}/diary").map { |line| line["text"] }).not_to include("The left door binds")
  end

  it "tells by a tiny answer whether anything was written, by anybody, from several threads at once" do
    before = call(:get, "/api/version")
    ask = -> { Operations::House::Versions.now[:version] }
    answers = Array.new(8) { Thread.new { Array.new(25) { ask.call } } }.flat_map(&:value)
    expect(answers.uniq).to eq([before["version"]])
    piece
    own = last_response.headers["Workshop-Version"] # what the page that wrote takes for its own
    after = call(:get, "/api/version")
    expect(after["version"]).to eq(own)
    expect([after["workshop"], after["version"] == before["version"]]).to eq([before["workshop"], false])
  end
end
