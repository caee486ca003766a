# frozen_string_literal: true

require_relative "bench_helper"

# How many taps the work of every day takes, counted by the page itself; keys that are typed are not taps.
RSpec.describe "taps", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def count_taps
    page.execute_script("window.taps = 0; addEventListener('click', (event) => { if (event.isTrusted) window.taps += 1 }, true)")
  end

  def taps = page.evaluate_script("window.taps")
  def today = Date.iso8601(send_to(:get, "/today")["date"]["iso"])

  it "are four from the first piece to its profit, in two dialogs" do
    visit "/"
    expect(page).to have_css("[data-first-run]")
    count_taps
    press("Record a piece")
    form("Record a piece") do
      page.driver.browser.action.send_keys("Ash stool").perform # its first field has the focus
      find_field("Price paid").send_keys("12", :enter)
    end
    expect(page).to have_css("h1", text: "Ash stool")
    press("Record sale")
    form("Record sale") do
      find_field("Sale price").send_keys("40", :enter)
    end
    expect(page).to have_css("[data-key=cash_profit]", text: "28.00")
    expect(taps).to be <= 4
  end

  it "are two for a cost at the bench on a phone, without scrolling, and one dialog for a receipt of four lines" do
    id = send_to(:post, "/pieces",
                 { name: "Ash stool", kind: "stool", bought_on: (today - 3).iso8601, purchase: "12" })["id"]
    phone
    visit "/pieces/#{id}"
    expect(page).to have_css("[data-piece-bar]")
    count_taps
    press("Add cost")
    form("Add cost") do
      page.driver.browser.action.send_keys("Wax").perform # what it was has the focus: the piece is known
      find_field("Amount").send_keys("4.50", :enter)
    end
    expect_key_figures(cash_in: "16.50")
    expect(page.evaluate_script("scrollY")).to eq(0)
    expect(taps).to be <= 3
    desk
    from_menu("recording", "Enter a receipt")
    within("[role=dialog]") do
      3.times { press("Add a line") }
      %w[Wax Cloths Glue Paper].each_with_index do |what, index|
        within("[aria-label='Line #{index + 1}']") do
          find_field("What").send_keys(what)
          find_field("Amount on line #{index + 1}").send_keys("2")
        end
      end
      press("Record receipt")
    end
    expect(page).to have_no_css("[role=dialog]")
    expect_key_figures(cash_in: "24.50") # 16.50 and four times 2.00
  ensure
    desk
  end

  it "are two to start a step with a caution, and two to change a finish with what it costs in view" do
    id = send_to(:post, "/pieces", { name: "Chest", kind: "chest of drawers", drawer_rows: "1,1", width: "900", depth: "450", height: "850",
                                     bought_on: (today - 3).iso8601, purchase: "40" })["id"]
    send_to(:post, "/pieces/#{id}/looks", { name: "Painted", starter: "painted" })
    send_to(:post, "/pieces/#{id}/lead", { answer: "clear" })
    steps = send_to(:get, "/pieces/#{id}/plan")["plan"]["steps"]
    cautioned = steps.index { |step| step["cautions"].any? { |one| one["serious"] } }
    send_to(:post, "/pieces/#{id}/steps/done-up-to", { step: steps[cautioned - 1]["key"] })
    SpecClock.set((SpecClock.now + (3 * 86_400)).utc.iso8601) # what was done is dry
    visit "/pieces/#{id}/plan"
    every_step
    expect(page).to have_css("[data-step='#{steps[cautioned]['key']}']")
    count_taps
    click_button("Start #{steps[cautioned]['label']}", match: :first)
    form("Read this before you start") { press("I've read this") }
    expect(page).to have_text("Timer started")
    expect(taps).to be <= 2
    visit "/pieces/#{id}/look"
    expect(page).to have_css("[role=listbox]")
    count_taps
    find("[role=option][aria-label^='Top']").click
    within("[role=group][aria-label=Finish]") { press("Oil") }
    expect(page).to have_css("[role=status]", text: "of work left")
    expect(taps).to eq(2)
  ensure
    SpecClock.set(SpecClock::NOON)
  end
end
