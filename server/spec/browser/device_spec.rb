# frozen_string_literal: true

require "open3"
require_relative "browser_helper"

# What a device does by itself with what it notes: keeping it in order, telling it once, setting aside what is refused,
# knowing what still holds. The modules themselves are called, in one page that stays open, against a workshop whose
# answers are written here.
RSpec.describe "the modules of a device" do
  before(:context) do
    @server = RealServer.on(Templates.empty)
    @folder = Dir.mktmpdir("kohlrabi-device")
    output, status = Open3.capture2e("node", File.join(ROOT, "web/device.mjs"), @folder)
    raise output unless status.success?

    @page = Capybara::Session.new(:chromium) # of its own: the shared one is left after each example
    @page.visit("#{@server.address.chomp('/')}/api/version") # a page of that origin on which nothing of the application runs
    @page.execute_script("#{File.read(File.join(@folder, 'device.js'))}\nwindow.device = device;")
    @page.execute_script(<<~JS)
      window.asked = [];
      window.answers = [];
      window.fetch = async (request, init) => {
        const { url, method, headers, body } = request instanceof Request
          ? { url: request.url, method: request.method, headers: Object.fromEntries(request.headers), body: await request.clone().text() }
          : { url: request, method: init.method, headers: init.headers, body: init.body };
        asked.push({ url: url.replace(location.origin, ""), method, headers, body });
        const answer = answers.shift() ?? { status: 201, body: {} };
        if (answer.silent) throw new TypeError("no answer");
        const said = { "Content-Type": "application/json", ...(answer.date ? { Date: answer.date } : {}) };
        return new Response(JSON.stringify(answer.body ?? {}), { status: answer.status, headers: said });
      };
    JS
  end

  after(:context) do
    FileUtils.rm_rf(@folder)
    @page.quit
  end

  before do
    run(<<~JS)
      await device.sender.sendAll();
      await device.store.clearDevice();
      localStorage.clear();
      device.store.nowIn("house");
      await device.outbox.read();
      device.reach.reached(true);
      asked.length = 0;
      answers.length = 0;
    JS
  end

  # Value of a body of JavaScript, which may wait for promises.
  def run(body)
    value = @page.evaluate_async_script(<<~JS)
      const done = arguments[0];
      (async () => { #{body} })().then((value) => done([value ?? null]), (error) => done({ failed: String(error.stack ?? error) }));
    JS
    value.is_a?(Array) ? value.first : raise(value["failed"])
  end

  # Notes things that wait: [reference, url, more].
  def note(*things)
    things.each do |reference, url, more|
      entry = { workshop: "house", reference: reference, key: "key-#{reference}", happenedAt: "2026-06-30T10:00:00.000Z", url: url,
                type: "application/json", body: "{}", what: reference.capitalize, names: [], **more.to_h }
      run("await device.outbox.add(#{JSON.generate(entry)})")
    end
  end

  def answer_with(*answers) = run("answers.push(...#{JSON.generate(answers)})")
  def asked = run("return asked.map(({ url, headers, body }) => ({ url, headers, body }))")
  def waiting = run("return (await device.outbox.read()).map(({ reference, refused }) => [reference, refused ? refused.status ?? 0 : null])")
  def send_all = run("await device.sender.sendAll()")

  it "tell what waits first in, first out, each once, with its moment and its key" do
    note(["one", "/api/costs"], ["two", "/api/work"], ["three", "/api/costs"])
    send_all
    expect(asked.map { |one| one["url"] }).to eq(%w[/api/costs /api/work /api/costs])
    expect(asked.first["headers"]).to include("Reference" => "one", "Idempotency-Key" => "key-one", "Workshop" => "house",
                                              "Happened-At" => "2026-06-30T10:00:00.000Z")
    expect(waiting).to eq([])
    send_all
    expect(asked.size).to eq(3)
  end

  it "say with all but the last that more follows" do
    note(["one", "/api/costs"], ["two", "/api/costs"])
    send_all
    expect(asked.map { |one| one["headers"]["More-Follows"] }).to eq(["yes", nil])
  end

  it "keep the order where no answer comes, and go on with the same one" do
    note(["one", "/api/costs"], ["two", "/api/costs"])
    answer_with({ silent: true })
    send_all
    expect([waiting.map(&:first), run("return device.reach.inReach()")]).to eq([%w[one two], false])
    send_all
    expect(asked.map { |one| one["headers"]["Reference"] }).to eq(%w[one one two])
  end

  [401, 408, 429, 500, 503, 507].each do |code|
    it "wait on where the workshop answers #{code}, which says nothing against the entry" do
      note(["one", "/api/costs"])
      answer_with({ status: code })
      send_all
      expect(waiting).to eq([["one", nil]])
    end
  end

  it "set aside what is refused with what builds on it, and go on with the rest" do
    note(["piece", "/api/pieces", { named: true }], ["cost", "/api/costs", { names: ["piece"] }], ["other", "/api/work"])
    answer_with({ status: 422, body: { title: "Refused", status: 422, detail: "No name.", errors: [] } })
    send_all
    expect(waiting).to eq([["piece", 422], ["cost", 424]])
    expect(asked.map { |one| one["url"] }).to eq(%w[/api/pieces /api/work])
    expect(run("return device.outbox.all()[1].refused.detail")).to include("Piece")
  end

  it "put the workshop's id in place of the reference that something builds on" do
    note(["piece-ref", "/api/pieces", { named: true }],
         ["cost", "/api/pieces/piece-ref/notes", { names: ["piece-ref"], body: '{"piece_id":"piece-ref"}' }])
    answer_with({ status: 201, body: { id: 41 } })
    send_all
    expect(asked.last.values_at("url", "body")).to eq(["/api/pieces/41/notes", '{"piece_id":"41"}'])
  end

  it "count what was taken in before, and wait where another workshop answers" do
    note(["one", "/api/costs", { named: true }])
    answer_with({ status: 409, body: { status: 409, known: { id: 7 } } })
    send_all
    expect([waiting, run("return device.outbox.idOf('one')")]).to eq([[], 7])
    note(["two", "/api/costs"])
    answer_with({ status: 422, body: { status: 422, errors: [{ code: "other_workshop" }] } })
    send_all
    expect(waiting).to eq([["two", nil]])
  end

  it "send and show only what is of the workshop that is here" do
    note(["theirs", "/api/costs", { workshop: "another" }], ["ours", "/api/costs"])
    expect(waiting).to eq([["ours", nil]])
    send_all
    expect(asked.map { |one| one["headers"]["Reference"] }).to eq(["ours"])
    expect(run("return (await (await device.store.store()).getAll('outbox')).length")).to eq(1)
  end

  it "say what came of it once, in sentences" do
    note(["hours", "/api/work"], ["cost", "/api/costs"])
    answer_with({ status: 201, body: { id: 1, told: "Two overlap." } })
    said = run(<<~JS)
      const told = new Promise((resolve) => addEventListener(device.sender.TOLD, (event) => resolve(event.detail), { once: true }));
      await device.sender.sendAll();
      return await told;
    JS
    expect(said).to eq("sent" => 2, "said" => ["Hours: Two overlap."])
  end

  # Records a cost the way a form does. fact: JavaScript object.
  def record(fact = "{ what: 'Hinges' }")
    run(<<~JS)
      const send = (how) => how.fetch(new Request("/api/costs", { method: "POST", headers: { "Content-Type": "application/json", ...how.headers },
        body: JSON.stringify({ what: "Hinges", spent_on: "2026-06-30" }) })).then(async (response) =>
          response.ok ? { data: await response.json(), response } : { error: await response.json(), response });
      return await device.record.record(#{fact}, send).then((answer) => ["taken", answer], (error) => ["refused", error.message]);
    JS
  end

  it "tell at once in reach, and keep with its moment out of reach" do
    answer_with({ status: 201, body: { id: 9 } })
    expect(record).to eq(["taken", { "id" => 9 }])
    answer_with({ silent: true })
    expect(record("{ what: 'Hinges', today: ['spent_on'] }")).to eq(["taken", nil])
    expect(waiting.size).to eq(1)
    kept = run("return device.outbox.all()[0]")
    expect(JSON.parse(kept["body"])).to eq("what" => "Hinges") # another day it would say another day
    expect(Time.iso8601(kept["happenedAt"])).to be_within(120).of(Time.now)
  end

  it "let nothing overtake what waits, and say what is refused" do
    note(["first", "/api/costs"])
    record
    send_all
    expect([asked.size, asked.first["headers"]["Reference"]]).to eq([2, "first"])
    answer_with({ status: 422, body: { status: 422, title: "Refused", detail: "How much was it?", errors: [] } })
    expect(record).to eq(["refused", "How much was it?"])
    expect(waiting).to eq([])
  end

  it "take back what waits by its reference, and mend what was refused under a new key" do
    note(["one", "/api/costs"], ["two", "/api/costs"])
    run("await device.outbox.dropNamed('one')")
    answer_with({ status: 422, body: { status: 422, detail: "No.", errors: [] } })
    send_all
    expect(waiting).to eq([["two", 422]])
    run("const [one] = device.outbox.all(); await device.outbox.put({ ...one, key: 'mended', body: '{\"amount\":\"3\"}', refused: undefined })")
    send_all
    expect(asked.last["headers"]).to include("Reference" => "two", "Idempotency-Key" => "mended")
    expect(waiting).to eq([])
  end

  # The blocks of a step that hold, as codes. entries: what waits.
  def holding(blocks, entries = [])
    run("return device.blocks.holding(#{JSON.generate(blocks)}, 3, #{JSON.generate(entries)}).map(({ code }) => code)")
  end

  def tick(step, minutes_ago, **more)
    { happenedAt: (Time.now.utc - (minutes_ago * 60)).iso8601(3), tick: { piece: 3, step: step }, **more }
  end

  it "know what keeps a step: until a moment, after a step, until an answer, or for good" do
    blocks = [{ code: "dry", until: (Time.now.utc + 3600).iso8601 }, { code: "over", until: (Time.now.utc - 3600).iso8601 },
              { code: "after", until_step: "wash", wait: 120 }, { code: "lead", until_answer: "lead" },
              { code: "caution", until_answer: "caution:dust" }, { code: "firm" }]
    expect(holding(blocks)).to eq(%w[dry lead caution firm])
    expect(holding(blocks, [tick("wash", 60)])).to eq(%w[dry after lead caution firm])
    expect(holding(blocks, [tick("wash", 180)])).to eq(%w[dry lead caution firm])
    read = { happenedAt: Time.now.utc.iso8601, tick: { piece: 3, caution: "dust" } }
    expect(holding(blocks, [read])).to eq(%w[dry lead firm])
    expect(holding(blocks, [read.merge(refused: {}), tick("wash", 1).merge(tick: { piece: 4, step: "wash" })])).to eq(%w[dry lead caution firm])
  end

  it "go by the workshop's clock where the device's is wrong" do
    run("device.reach.noteAnswer(new Response('', { headers: { Date: new Date(Date.now() + 7200000).toUTCString() } }))")
    expect(holding([{ code: "dry", until: (Time.now.utc + 3600).iso8601 }])).to eq([])
    run("device.reach.noteAnswer(new Response('', { headers: { Date: new Date().toUTCString() } }))")
    expect(holding([{ code: "dry", until: (Time.now.utc + 3600).iso8601 }])).to eq(["dry"])
  end

  it "show a plan with what was ticked here, and leave it as it is where nothing was" do
    plan = { id: 3, plan: { steps: [{ key: "wash", state: "open", cautions: [{ key: "dust", confirmed: false }] }] } }
    seen = lambda do |entries|
      step = run("return device.ticks.withTicks(#{JSON.generate(plan)}, #{JSON.generate(entries)}).plan.steps[0]")
      [step["state"], step["cautions"].first["confirmed"]]
    end
    expect(seen.call([])).to eq(["open", false])
    expect(seen.call([tick("wash", 1), { tick: { piece: 3, caution: "dust" } }])).to eq(["done", true])
    expect(seen.call([tick("wash", 1, refused: {})])).to eq(["open", false])
  end

  it "run timers of this workshop through a reload of the page, until they are stopped" do
    begun = run(<<~JS)
      return device.ownTimers.begin({ begunAs: "ref-12345", kind: "sanding", label: "Sanding", person: { id: 1, name: "Me" },
        pieces: [{ id: 3, name: "Desk" }], steps: [] }).id;
    JS
    expect(begun).to be_negative
    expect(JSON.parse(run("return localStorage.getItem('kohlrabi timers')")).map { |one| one.values_at("begunAs", "workshop") })
      .to eq([%w[ref-12345 house]])
    shown = run("return device.ownTimers.asTimer(device.ownTimers.find(#{begun}), Date.now() + 90000)")
    expect(shown).to include("reference" => "ref-12345", "elapsed" => include("seconds" => be_between(89, 95)))
    run("device.ownTimers.forget(#{begun})")
    expect(run("return device.ownTimers.find(#{begun}) ?? null")).to be_nil
  end

  it "keep a draft of a form by workshop and page, and drop it when it is told to" do
    key = run("const key = device.drafts.draftKey('cost 3'); device.drafts.keepDraft(key, { what: 'Hinges' }); return key")
    expect(key).to include("house", "/api/version", "cost 3")
    expect(run("return device.drafts.draftOf(#{key.to_json})")).to eq("what" => "Hinges")
    run("device.store.nowIn('another')")
    expect(run("return device.drafts.draftOf(device.drafts.draftKey('cost 3'))")).to be_nil
    run("device.drafts.dropDraft(#{key.to_json})")
    expect(run("return device.drafts.draftOf(#{key.to_json})")).to be_nil
  end
end
