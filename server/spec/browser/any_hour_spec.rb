# frozen_string_literal: true

require_relative "bench_helper"

# What rests on the hour and the day, at the hours and days on which such things break.
RSpec.describe "an evening at the bench" do
  include_context "with an empty workshop"

  include BenchHands

  def later(minutes) = SpecClock.set((SpecClock.now + (minutes * 60)).iso8601, SpecClock.zone)
  def local(time) = time.in_time_zone(SpecClock.zone)
  def iso_day(time) = local(time).to_date.iso8601

  at_any_hour do
    it "goes over into the next day: hours, the step and what dries stand at the right time" do
      me = send_to(:get, "/workshop")["people"].first["id"]
      send_to(:put, "/people/#{me}/week", { rows: (0..6).map { |day| { weekday: day, from: "00:00", to: "24:00" } } })
      box = { kind: "custom box", width: "400", depth: "300", height: "450" }
      stool = planned({ name: "Stool", **box, bought_on: iso_day(SpecClock.now - (20 * 86_400)) }, { finish: "oil" },
                      "oil")
      visit "/"
      within("section", text: "What now") do
        click_button("Start Oil, coat 1: wipe off the excess after 15 min on Stool")
      end
      expect(page).to have_css("section[aria-label^='Me']",
                               text: "since #{local(SpecClock.now).strftime('%H:')}")
      began = iso_day(SpecClock.now)
      later(12)
      visit "/"
      within("section[aria-label^='Me']") do
        expect(page).to have_text(/0:1[23]:\d\d/)
        press("Stop: done")
      end
      expect(page).to have_text(/1[23] min of clear coat recorded, step done/)
      # A day's drying after it, by the clock: an oil is coated again after 24 h.
      free = local(SpecClock.now + 86_400)
      expect(page).to have_css("li", text: /\A(next step|recoat|coat again) .*#{free.strftime('%H:')}/)
      entry = send_to(:get, "/pieces/#{stool}")["work"].first
      expect([entry["worked_on"]["iso"], entry["effort"]["seconds"]]).to match([began, be_between(720, 780)])
      expect(send_to(:get, "/today")["date"]["iso"]).to eq(iso_day(SpecClock.now))
      visit "/week"
      expect(page).to have_css("section[data-day='#{local(SpecClock.now).strftime('%F')}']")
      expect(page).to have_css("li", text: "Oil, coat 2")
    end

    it "notices a timer left running for hours, and stops it at the time it was probably over" do
      stool = send_to(:post, "/pieces", { name: "Stool", kind: "stool", made_about: "1995" })["id"]
      send_to(:post, "/timers", { kind: "sanding", piece_ids: [stool] })
      later(7 * 60)
      visit "/"
      expect(page).to have_text(/This timer has been running for 7 h.* Did the work end at \d\d:\d\d/)
      find("button", text: /\AStop at \d\d:\d\d\z/).click
      expect(page).to have_text(/of sanding recorded/)
      expect(page).to have_no_css("section[aria-label^='Me']")
    end
  end
end
