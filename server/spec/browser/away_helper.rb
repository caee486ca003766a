# frozen_string_literal: true

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

# A phone and a server of its own, which really ends, is killed, and comes back; the page is reloaded meanwhile.
RSpec.shared_context "with a phone out of reach" do
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

  # Its words come before the application: until there is a heading nothing of it runs.
  def settled
    expect(page).to have_css("h1")
    expect(page).to have_no_css("main [role=progressbar]")
  end

  def in_reach = expect(page).to have_no_css("[data-reach]", wait: 150)
  def waits(text) = expect(page).to have_css("[data-reach]", text: text)
  def worker = page.evaluate_async_script("navigator.serviceWorker.ready.then((one) => arguments[0](one.active.state))")

  # Seen once, so that it opens from the device. What was seen is written down a moment later. seen: {path => what is
  # kept of it, one or several}.
  def look_at(seen)
    seen.each do |path, key|
      visit path
      settled
      page.document.synchronize do
        kept = page.evaluate_async_script(DEVICE_KEEPS)
        raise Capybara::ElementNotFound, "kept: #{kept}" unless (Array(key) - kept).empty?
      end
    end
  end

  def away = @server.stop(:KILL)

  # A piece that was seen on the device, with the workshop away.
  def chair_seen
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })["id"]
    look_at("/pieces/#{chair}" => "flips piece")
    expect(worker).to include("activat")
    away
    chair
  end

  def cost(what, amount)
    press("Add cost")
    form("Add cost") do
      type("What", what)
      type("Amount", amount)
      press("Add cost")
    end
    expect(page).to have_no_css("[role=dialog]")
  end
end
