# frozen_string_literal: true

require_relative "away_helper"

# What a device keeps: what was seen last, what waits, and what it does not know to have been done.
RSpec.describe "what a device keeps" do
  include_context "with a phone out of reach"

  # Notes whether a text was ever on the page, from the next page on. A machine that is busy with other specs may answer
  # after the 600 ms in which a workshop counts as silent (web/src/api/device/seen.ts); here they last a minute.
  def watch_for(text)
    page.driver.browser.execute_cdp("Page.addScriptToEvaluateOnNewDocument", source: <<~JS)["identifier"]
      const later = window.setTimeout;
      window.setTimeout = (run, wait, ...given) => later(run, wait === 600 ? 60_000 : wait, ...given);
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
    waits("Offline since")
    visit "/pieces/#{chair['id']}"
    expect(page).to have_css("h1", text: "Armchair")
  end

  it "opens all that was seen; what was not says so, and opens by itself in reach" do
    chest, other = %w[Chest Trunk].map do |name|
      id = send_to(:post, "/pieces", { name: name, kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1",
                                       purchase: "30", bought_on: "2026-05-01" })["id"]
      send_to(:post, "/pieces/#{id}/looks", { name: "Painted", starter: "painted" }) && id
    end
    seen = { "/floor" => "flips pieces", "/pieces/#{chest}/plan" => ["planning plan", "planning catalogue"], "/week" => "bench schedule",
             "/evening" => "flips day-offers", "/shelf/shopping" => "shelf shopping", "/scout" => "scout prospects", "/market" => "market market" }
    look_at(seen)
    expect(worker).to include("activat")
    away
    seen.each_key do |path|
      visit path
      waits("Offline since")
      settled
      expect(page).to have_css("h1")
      expect(page).to have_no_text("Not available offline")
    end
    visit "/pieces/#{other}/plan"
    expect(page).to have_text("Not available offline")
    @server.start
    expect(page).to have_css("h1", text: "Trunk: plan")
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
    expect(page).to have_text("Timer started: cleaning (offline)")
    expect(page.evaluate_script("window.lost")).to eq(3) # it was asked for again, and is one timer there
    in_reach
    expect(send_to(:get, "/timers")["timers"].map { |one| one["label"] }).to eq(["Cleaning"])
    page.document.synchronize do
      raise Capybara::ElementNotFound if evaluate_script("localStorage.getItem('kohlrabi timers')") != "[]"
    end
    visit "/"
    expect(page).to have_css("section[aria-label^='Me']", count: 1)
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
    press("Add cost")
    form("Add cost") do
      type("What", "Oil")
      type("Amount", "9")
      press("Add cost")
      expect(page).to have_css("[role=alert]", text: "this device's storage is full")
      expect(find_field("What").value).to eq("Oil") # nothing typed is lost
    end
    visit page.current_path # room again
    cost("Oil", "9")
    find("[data-reach]").click
    form("Waiting to sync") do
      press("Discard")
      press("Discard")
      expect(page).to have_text("Everything is synced")
    end
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
    waits("100 changes to sync")
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
