# frozen_string_literal: true

require_relative "bench_helper"

# What goes wrong at the bench: two tabs, a timer left running.
RSpec.describe "faults at the bench" do
  include_context "with an empty workshop"
  include BenchHands

  let!(:stool) do
    planned({ name: "Stool", kind: "custom box", width: "400", depth: "300", height: "450" }, { finish: "oil" }, "oil")
  end

  it "a step finished in two tabs counts once, and the later tab is told" do
    visit "/pieces/#{stool}/plan"
    every_step
    expect(page).to have_css("[data-step^=oil]")
    # This tab does not look again when it is turned to: as if the other had been quicker.
    page.execute_script("addEventListener('visibilitychange', event => event.stopImmediatePropagation(), true)")
    other = open_new_window
    within_window(other) do
      visit "/pieces/#{stool}/plan"
      every_step
      find("[data-step^=oil] input[type=checkbox]", match: :first, visible: :all).click
      expect(page).to have_text("Done: Oil, coat 1")
    end
    find("[data-step^=oil] input[type=checkbox]", match: :first, visible: :all).click
    expect(page).to have_text("This is already done. Reload the plan.")
    done = send_to(:get, "/pieces/#{stool}/diary").count { |line| line["text"].start_with?("Done: Oil") }
    expect(done).to eq(1)
  end

  it "a timer left running for hours is noticed, and stopped at the time it was probably over" do
    step = open_step(stool)
    timer = send_to(:post, "/timers", { steps: [{ piece_id: stool, step: step }] })
    SpecClock.set((SpecClock.now + (5 * 3600)).iso8601)
    visit "/"
    estimate = timer["steps"].first["estimate"]["text"]
    expect(page).to have_text(/This timer has been running for 5 h.* Did the work end at \d\d:\d\d, after #{estimate} \(as long as planned\)\?/)
    find("button", text: /\AStop at \d\d:\d\d\z/).click
    expect(page).to have_text("#{estimate} of clear coat recorded")
    visit "/pieces/#{stool}"
    expect_key_figures(hours: estimate)
  ensure
    SpecClock.set(SpecClock::NOON)
  end
end
