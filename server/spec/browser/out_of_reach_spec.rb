# frozen_string_literal: true

require "vips"
require_relative "bench_helper"

# What is written down on this device: the first two parts of its keys, and names of pieces.
DEVICE_KEEPS = <<~JS
  const done = arguments[0], opening = indexedDB.open("kohlrabi");
  opening.onsuccess = () => {
    const all = opening.result.transaction("seen").objectStore("seen").getAll();
    all.onsuccess = () => {
      opening.result.close();
      const queries = all.result.flatMap((one) => one.clientState.queries);
      done(queries.flatMap(({ queryKey, state }) => [queryKey.slice(0, 2).join(" "), state.data.fields?.name]));
    };
  };
JS

# The phone where the workshop does not answer: the server really ends, is killed, and comes back; the page is
# reloaded meanwhile.
RSpec.describe "out of reach of the workshop" do
  include BenchHands

  before do
    @server = RealServer.new
    Capybara.app_host = @server.address
    BrowserClock.set(page.driver)
    forget_device
    phone
  end

  after do
    desk
    visit "about:blank" # of a picture the browser would ask for its sign, when the server is gone
    complaints # what did not come in was meant
    @server.clear
  end

  def settled = expect(page).to have_no_css("main [role=progressbar]")
  def in_reach = expect(page).to have_no_css("[data-reach]", wait: 150)
  def waits(text) = expect(page).to have_css("[data-reach]", text: text)
  def worker = page.evaluate_async_script("navigator.serviceWorker.ready.then((one) => arguments[0](one.active.state))")

  # Seen once, so that it opens from the device. What was seen is written down a moment later. seen: {path => what is
  # kept of it}.
  def look_at(seen)
    seen.each do |path, key|
      visit path
      settled
      page.document.synchronize do
        kept = page.evaluate_async_script(DEVICE_KEEPS)
        raise Capybara::ElementNotFound, "kept: #{kept}" unless kept.include?(key)
      end
    end
  end

  def away = @server.stop(:KILL)

  it "keeps a Saturday, tells it once as of when it was, and comes out as worked by hand" do
    me = send_to(:get, "/workshop")["people"].first["id"]
    send_to(:put, "/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "00:00", to: "24:00" } } })
    chest = planned({ name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1" },
                    { finish: "paint", colour: "#243b53" }, "coat/")
    tin(size: "500 ml", colour: "#243b53", paid: "25.00", bought_on: "2026-04-10")
    before = send_to(:get, "/pieces/#{chest}")["figures"].to_h { |one| [one["key"], one["minor"]] }
    look_at("/" => "bench today", "/pieces/#{chest}" => "flips piece", "/shelf" => "shelf shelf", "/scout/card" => "scout card",
            "/pieces/#{chest}/bench" => "planning plan")
    expect(worker).to include("activat")
    away

    visit "/pieces/#{chest}/bench" # from the device, whole
    expect(page).to have_css("h1", text: "Paint, coat 1")
    waits("Out of reach since")
    press("Start")
    expect(page).to have_css("[role=timer]", text: "0:00")
    visit "/pieces/#{chest}" # a reload: the timer runs on
    press("Record cost")
    form("Record cost") do
      type("What", "Hinges")
      type("Amount", "8")
      press("Record cost")
    end
    expect(page).to have_text("Kept on this device: Hinges, 8 EUR")
    from_menu("recording", "Take from the shelf")
    form("Take from the shelf") do
      type("How much", "100")
      press("Take it")
    end
    waits("2 things wait here")
    visit "/pieces/#{chest}/bench"
    press("Note")
    form("Note something") do
      type("What was seen or thought of", "Left runner worn")
      press("Keep the note")
    end
    picture = File.join(@server.home, "bench.png")
    Vips::Image.gaussnoise(1800, 1400, mean: 120, sigma: 40).cast(:uchar).write_to_file(picture)
    find("input[aria-label='Photo at the bench']", visible: :all).set(picture)
    waits("4 things wait here")
    press("Done")
    waits("5 things wait here")
    expect(page).to have_no_css("h1", text: "Paint, coat 1")
    visit "/scout/new"
    find_field("Kind").send_keys("stool", :tab)
    expect(page).to have_css("[role=status]", text: /card|kept here/)
    type("Tag price", "12")
    press("Save and watch")
    waits("6 things wait here")

    @server.start
    in_reach
    expect(page).to have_text("6 things told to the workshop")
    after = send_to(:get, "/pieces/#{chest}")
    figures = after["figures"].to_h { |one| [one["key"], one["minor"]] }
    # Hinges 8.00; of a tin of 500 ml at 25.00 first 100 ml, 5.00, then with Done the 225 ml that the coat was planned
    # at, 11.25.
    expect(figures["cash_in"] - before["cash_in"]).to eq(2425)
    expect(after["photos"].size).to eq(1)
    expect(send_to(:get, "/pieces/#{chest}/diary").map { |line| line["text"] }).to include("Left runner worn")
    expect(send_to(:get, "/prospects")["rows"].map { |row| row["tag"]["text"] }).to eq(["12.00"])
    work = after["work"]
    expect([work.size, work.first["kind"], open_step(chest).start_with?("coat/")]).to eq([1, "painting", false])
    visit "/" # nothing is told twice
    in_reach
    expect(send_to(:get, "/pieces/#{chest}")["costs"].size).to eq(after["costs"].size)
  end

  # A piece that was seen on the device, with the workshop away.
  def chair_seen
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })["id"]
    look_at("/pieces/#{chair}" => "flips piece")
    expect(worker).to include("activat")
    away
    chair
  end

  # Notes whether a text was ever on the page, from the next page on.
  def watch_for(text)
    page.driver.browser.execute_cdp("Page.addScriptToEvaluateOnNewDocument", source: <<~JS)["identifier"]
      addEventListener("DOMContentLoaded", () => new MutationObserver(() => {
        window.met ||= document.body.innerText.includes(#{text.to_json});
      }).observe(document.body, { childList: true, subtree: true, characterData: true }));
    JS
  end

  it "shows nothing old where the workshop answers, not even for a moment; the last there was where it does not" do
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })
    look_at("/pieces/#{chair['id']}" => "flips piece")
    expect(worker).to include("activat")
    send_to(:patch, "/pieces/#{chair['id']}", { name: "Armchair", lock_version: chair["lock_version"] })
    watch = watch_for("Chair")
    look_at("/pieces/#{chair['id']}" => "Armchair")
    expect(page).to have_css("h1", text: "Armchair")
    expect(page.evaluate_script("window.met")).to be(false)
    look_at("/scout/card" => "scout card")
    away
    visit "/scout/card"
    page.driver.browser.execute_cdp("Page.removeScriptToEvaluateOnNewDocument", identifier: watch)
    waits("Out of reach since")
    visit "/pieces/#{chair['id']}"
    expect(page).to have_css("h1", text: "Armchair")
  end

  def cost(what, amount)
    press("Record cost")
    form("Record cost") do
      type("What", what)
      type("Amount", amount)
      press("Record cost")
    end
    expect(page).to have_no_css("[role=dialog]")
  end

  def listed = form("What waits") { all("li").map { |row| row.text.lines.first.chomp } }

  it "sets aside what is refused, lets the rest go on, and tells it under a new key once it is mended" do
    chair = chair_seen
    cost("Glue", "a lot")
    cost("Wax", "6")
    waits("2 things wait here")
    @server.start
    waits(/\A1 was refused\.\z/) # and the rest was told
    expect(send_to(:get, "/pieces/#{chair}")["costs"].map { |one| one["what"] }).to eq(["Wax"])
    find("[data-reach]").click
    expect(listed).to eq(["Glue, a lot EUR"])
    expect(page).to have_css("[role=alert]", text: "a lot")
    press("Mend it")
    form("Mend: Glue") do
      type("Amount", "4.50")
      press("Tell it again")
    end
    form("What waits") do
      expect(page).to have_text("Nothing waits")
      press("Close")
    end
    paid = send_to(:get, "/pieces/#{chair}")["costs"].map { |one| one.dig("amount", "text") }
    expect(paid).to contain_exactly("6.00", "4.50")
  end

  it "runs a timer once whose answer was lost" do
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })["id"]
    look_at("/pieces/#{chair}" => "flips piece")
    page.execute_script(<<~JS)
      const real = window.fetch;
      window.lost = 0;
      window.fetch = async (request, ...rest) => {
        const answer = await real(request, ...rest);
        if (request.method !== "POST" || !request.url.endsWith("/api/timers")) return answer;
        window.lost += 1;
        throw new TypeError("lost");
      };
    JS
    press("Start timer")
    form("Start a timer") do
      pick("Kind of work", "Cleaning")
      press("Start timer")
    end
    expect(page).to have_text("Timer started on this device: cleaning")
    expect(page.evaluate_script("window.lost")).to eq(3) # it was asked for again, and is one timer there
    in_reach
    expect(send_to(:get, "/timers")["timers"].map { |one| one["label"] }).to eq(["Cleaning"])
    page.document.synchronize { raise Capybara::ElementNotFound if evaluate_script("localStorage.getItem('kohlrabi timers')") != "[]" }
    visit "/"
    expect(page).to have_css("section[aria-label='Timer of Me']", count: 1)
    press("Stop and record")
    expect(page).to have_text("of cleaning recorded")
    expect(send_to(:get, "/pieces/#{chair}")["work"].size).to eq(1)
  end

  it "takes back what waits, throws away what is not wanted, and says where the device has no more room" do
    chair_seen
    cost("Wax", "6")
    press("Undo")
    expect(page).to have_no_css("[data-reach]", text: "wait")
    page.execute_script("IDBObjectStore.prototype.add = () => { throw new DOMException('full', 'QuotaExceededError') }")
    press("Record cost")
    form("Record cost") do
      type("What", "Oil")
      type("Amount", "9")
      press("Record cost")
      expect(page).to have_css("[role=alert]", text: "This device has no room left")
      expect(find_field("What").value).to eq("Oil") # nothing typed is lost
    end
    visit page.current_path # room again
    cost("Oil", "9")
    find("[data-reach]").click
    form("What waits") do
      press("Throw away")
      press("Throw it away")
      expect(page).to have_text("Nothing waits")
    end
  end

  it "keeps photos with what was spotted, in order; what builds on something refused waits for it" do
    look_at("/scout/new" => "scout card")
    expect(worker).to include("activat")
    away
    picture = File.join(@server.home, "shop.png")
    Vips::Image.black(64, 48).linear(1, 120).cast(:uchar).write_to_file(picture)
    find_field("Kind").send_keys("stool", :tab)
    type("Tag price", "twelve")
    find("input[aria-label='Photo of what was spotted']", visible: :all).set(picture)
    expect(page).to have_text("1 photo goes with it")
    press("Save and watch")
    waits("2 things wait here")
    @server.start
    waits("2 were refused")
    find("[data-reach]").click
    expect(page).to have_text("It builds on something that was refused: Spotted: stool, tag twelve.")
    press("Mend it")
    form("Mend: Spotted") do
      type("Tag", "12")
      press("Tell it again")
    end
    form("What waits") { expect(page).to have_text("Nothing waits") }
    spotted = send_to(:get, "/prospects")["rows"].first
    expect([spotted["tag"]["text"], send_to(:get, "/prospects/#{spotted['id']}")["photos"].size]).to eq(["12.00", 1])
  end

  it "tells a hundred things in order, whatever was cut in between" do
    chair = chair_seen
    page.evaluate_async_script(<<~JS, chair)
      const [chair, done] = arguments, opening = indexedDB.open("kohlrabi");
      opening.onsuccess = () => {
        const writing = opening.result.transaction("outbox", "readwrite"), box = writing.objectStore("outbox");
        writing.oncomplete = () => { opening.result.close(); done(); };
        for (let number = 1; number <= 100; number += 1)
          box.add({ workshop: localStorage.getItem("kohlrabi workshop"), reference: `reference-${number}`, key: `key-number-${number}`,
                    happenedAt: new Date().toISOString(), url: "/api/costs", type: "application/json", names: [], what: `Screw ${number}`,
                    body: JSON.stringify({ what: `Screw ${number}`, amount: "0.01", pieces: [{ piece_id: chair }] }) });
      };
    JS
    visit page.current_path
    waits("100 things wait here")
    @server.start
    page.document.synchronize { raise Capybara::ElementNotFound if rows.empty? }
    @server.stop(:KILL) # in the middle
    @server.start
    in_reach
    complaints # what was cut was meant
    expect(rows).to eq((1..100).map { |number| ["Screw #{number}", 1] })
  end

  def rows
    SQLite3::Database.new(File.join(@server.home, "workshop.sqlite3"), readonly: true) do |data|
      data.busy_handler_timeout = 20_000
      return data.execute("SELECT what, amount_minor FROM costs ORDER BY id")
    end
  end
end
