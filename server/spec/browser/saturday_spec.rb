# frozen_string_literal: true

require_relative "bench_helper"

# A Saturday at the bench, with a chest whose first coat is next and a stool to be oiled; both figures worked by hand
# below.
RSpec.describe "a Saturday" do
  include_context "with an empty workshop"

  include BenchHands

  it "is worked with one tap a step, and everything used and worked is on the right piece" do
    # All week, so that the day the spec runs does not matter.
    me = send_to(:get, "/workshop")["people"].first["id"]
    send_to(:put, "/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "00:00", to: "24:00" } } })
    drawers = { kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1" }
    chest = planned({ name: "Chest", expected_resale: "300", **drawers }, { finish: "paint", colour: "#243b53" },
                    "coat/")
    stool = planned({ name: "Stool", kind: "custom box", width: "400", depth: "300", height: "450" },
                    { finish: "oil" }, "oil")
    tin(size: "100 ml", colour: "#243b53", paid: "6.00", bought_on: "2026-01-10")
    tin(size: "500 ml", colour: "#243b53", paid: "24.00", bought_on: "2026-04-10")

    visit "/"
    now = find("section", text: "What now")
    expect(now).to have_text("Paint, coat 1")
    within(now) { click_button(text: "Start", match: :first) }
    timer = find("section[aria-label^='Me']")
    expect(timer).to have_text("Paint, coat 1")
    expect(timer).to have_text("estimated")
    within(timer) do
      press("Change the time")
      fill_in "How long it really took", with: "40"
      press("Stop: done")
    end
    expect(page).to have_text("40 min of painting recorded, step done, 138 ml all-in-one satin paint, #243b53 taken from the shelf")

    # The label's times run from now: touch dry after 1 h, sanded and coated again after 2 h, all read off one clock.
    clock = find("li", text: /\Atouch dry/).find(:xpath, "..").text
    touch, sand, recoat = clock.scan(/(?:touch dry|sand|recoat) (?:\w{3} \d+ \w{3}, )?(\d\d:\d\d)/).flatten.map do |time|
      Time.parse(time)
    end
    expect([sand - touch, recoat - sand].map { |gap| gap % 86_400 }).to eq([3600, 0])

    # Another piece while it dries; the server may end and begin again meanwhile.
    within(now) { click_button(text: "Start", match: :first) }
    expect(find("section[aria-label^='Me']")).to have_text("Oil, coat 1")
    visit "about:blank"
    @server.stop
    @server.start
    visit "/"
    expect(page).to have_css("li", text: /\Atouch dry/)
    within("section[aria-label^='Me']") do
      expect(page).to have_text("Stool")
      press("Change the time")
      fill_in "How long it really took", with: "25"
      press("Stop: not done yet")
    end
    expect(page).to have_text("25 min of clear coat recorded")

    # The weather turns: no coat, unless one says why.
    from_menu("temperature and humidity", "Enter temperature and humidity")
    form("Temperature and humidity") do
      type("Air temperature", "8")
      type("Humidity", "90")
      press("Save reading")
    end
    expect(page).to have_text("the air at 8 °C is too cold: it has to be above 10 °C; 90% humidity is too damp for coating; it has to be at most 85%")
    within(find("section", text: "What now")) do
      click_button("Start Oil, coat 1: wipe off the excess after 15 min on Stool")
    end
    form("Too early to start") do
      expect(page).to have_text("Not now: the air at 8 °C is too cold")
      type("Why is it OK to start now?", "the stove is lit")
      press("Start anyway")
    end
    within("section[aria-label^='Me']") { press("Discard") }
    expect(page).to have_no_css("section[aria-label^='Me']")

    # By hand: 138 ml are 100 ml of the older tin, all of its 6.00, and 38 of the 500 ml for 24.00: 1.82. 30.00 + 7.82
    # = 37.82.
    visit "/pieces/#{chest}"
    expect_key_figures(cash_in: "37.82", hours: "40 min")
    visit "/pieces/#{stool}"
    expect_key_figures(cash_in: "30.00", hours: "25 min")
    expect(page).to have_text("although the air at 8 °C is too cold: it has to be above 10 °C: the stove is lit")
    visit "/shelf"
    expect(page).to have_css("li", text: "462 ml of 500 ml")
    expect(page).to have_no_css("li", text: "of 100 ml")
  end
end
