# frozen_string_literal: true

require_relative "bench_helper"

# From ready to sold, through two offers and a price step. Figures by hand.
RSpec.describe "selling a piece", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def today = Date.iso8601(send_to(:get, "/today")["date"]["iso"])
  def ago(days) = (today - days).iso8601

  # Eight chairs listed at 200.00 forty days ago, sold ten days later at 180.00; each held for forty days at 20.00.
  def history
    8.times do |number|
      id = send_to(:post, "/pieces", { name: "Old chair #{number}", kind: "chair", bought_on: ago(70), purchase: "20" })["id"]
      send_to(:post, "/pieces/#{id}/events", { kind: "listed", on: ago(40), asking: "200" })
      send_to(:post, "/pieces/#{id}/events", { kind: "sold", on: ago(30), price: "180" })
    end
  end

  def at_price(name) = find("[data-at='#{name}']")

  it "decides on a price, answers two offers, takes a price step, and records the sale" do
    history
    house = send_to(:get, "/workshop")
    send_to(:patch, "/workshop", { lock_version: house["lock_version"], floor_pay: "8", target_pay: "15", haggle: "10", price_ending: "5" })
    chair = send_to(:post, "/pieces", { name: "Ash chair", kind: "chair", bought_on: ago(12), purchase: "50" })["id"]
    send_to(:post, "/work", { kind: "sanding", effort: "6 h", worked_on: ago(5), pieces: [{ piece_id: chair }] })
    send_to(:post, "/pieces/#{chair}/events", { kind: "ready", on: ago(1) })

    visit "/pieces/#{chair}/price"
    # (50 + 6 × 15) ÷ 0.9 = 155.56, up to 160; all eight took ten days, at nine tenths.
    expect(page).to have_text("Your costs and hours alone would ask 160.00")
    expect(page).to have_text(/\d+.00 EUR to ask: it brings most by the market/)
    expect(page).to have_css("table[aria-label='Ways of finding a price'] tr", text: /Your own sold 180.00 180.00 180.00/)
    type("Asking, EUR", "190")
    expect(at_price("Cash profit")).to have_text("140.00")
    expect(at_price("By your listings alone")).to have_text("10 days, 171.00")
    expect(at_price("Days to sell")).to have_text(/about \d+/)
    press("Decide on 190")
    form("Decide on a price") do
      pick("From today it is", "listed at this price")
      type("Why this price", "the set of its kind sold at 180")
      press("Keep the decision")
    end
    expect(page).to have_text("190.00 decided, listed at it with its steps down")
    expect(page).to have_css("table[aria-label=Decisions] tr", text: "190.00 the set of its kind sold at 180")

    find("body").send_keys("5")
    expect(page).to have_css("h1", text: "Market")
    row = find("[data-listed='#{chair}']")
    expect(row).to have_text("0 days listed")
    expect(row).to have_text(/Next price step: \d+.00 on/)
    step = row.text[/Next price step: ([\d.]+)/, 1]
    press("Offer for Ash chair")
    form("Offer for Ash chair") do
      type("Offered", "120")
      type("By whom", "first caller")
      press("Weigh it")
    end
    expect(page).to have_css("[data-offer]", text: /120.00.*first caller.*Counter at [\d.]+.*Waiting is worth [\d.]+/m)
    counter = find("[data-offer]", match: :first).text[/Counter at ([\d.]+)/, 1]
    expect(counter.to_f).to be_between(121, 190)
    find("button", text: "Countered…", match: :first).click
    form("What you ask instead") { press("Countered") }
    expect(page).to have_css("[data-offer]", text: "countered at #{counter}")
    press("Lower now: Ash chair")
    expect(page).to have_text("Ash chair is asked at #{step} now")
    expect(find("[data-listed='#{chair}']")).to have_text("#{step} EUR")

    press("Offer for Ash chair")
    form("Offer for Ash chair") do
      type("Offered", "165")
      press("Weigh it")
    end
    second = find("[data-offer]", text: "165.00", match: :first)
    expect(second).to have_text("Take it")
    within(second) { find("button", text: "Taken").click }
    within(find("[data-offer]", text: "165.00", match: :first)) { find("button", text: "Record the sale").click }
    form("Record the sale of Ash chair") { press("Record sale") }
    expect(page).to have_text("Sold recorded")
    expect(page).to have_text("Nothing is for sale")

    visit "/pieces/#{chair}"
    # 165.00 less 50.00.
    expect_key_figures(cash_profit: "115.00", hours: "6 h")
  end

  it "keeps what others ask, weighed by likeness, and a hold for a buyer" do
    desk = send_to(:post, "/pieces", { name: "Oak desk", kind: "desk", bought_on: ago(12), purchase: "50" })["id"]
    send_to(:post, "/pieces/#{desk}/events", { kind: "listed", on: ago(3), asking: "200" })
    visit "/pieces/#{desk}/price"
    press("Add one you saw")
    form("One like it") do
      type("What", "Desk with drawers")
      type("Price", "100")
      press("Add it")
    end
    # Asked 100.00 × 0.85.
    expect(page).to have_css("table[aria-label='Ways of finding a price'] tr", text: /Pieces like it 85.00 85.00 85.00/)
    visit "/market"
    press("Hold Oak desk")
    form("Hold Oak desk") do
      type("For whom", "the neighbour")
      type("Paid down", "20")
      press("Hold it")
    end
    expect(page).to have_text("Held for the neighbour, 20.00 paid down")
    press("Release Oak desk")
    expect(page).to have_button("Hold Oak desk")
  end
end
