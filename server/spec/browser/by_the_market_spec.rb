# frozen_string_literal: true

require_relative "bench_helper"

# From a piece that is ready to what the market pays for it, through two offers; and a piece that is better dropped.
RSpec.describe "going by the market", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def today = Date.iso8601(send_to(:get, "/today")["date"]["iso"])
  def ago(days) = (today - days).iso8601

  # Bureaus listed at 260.00 and sold three weeks later at 240.00.
  def bureaus(number)
    number.times do |n|
      id = send_to(:post, "/pieces",
                   { name: "Old bureau #{n}", kind: "writing bureau", bought_on: ago(90), purchase: "40" })["id"]
      send_to(:post, "/pieces/#{id}/events", { kind: "listed", on: ago(60 + n), asking: "260" })
      send_to(:post, "/pieces/#{id}/events", { kind: "sold", on: ago(39 + n), price: "240" })
    end
  end

  def house(**rules)
    send_to(:patch, "/workshop", { lock_version: send_to(:get, "/workshop")["lock_version"], **rules })
  end

  def asking = find("[data-listed]", match: :first)["data-listed"].to_i

  it "prices it by the market, and takes the second offer" do
    house(floor_pay: "8", target_pay: "15")
    bureaus(5)
    id = send_to(:post, "/pieces",
                 { name: "Ash bureau", kind: "writing bureau", bought_on: ago(12), purchase: "60" })["id"]
    send_to(:post, "/work", { kind: "sanding", effort: "20 h", worked_on: ago(5), pieces: [{ piece_id: id }] })
    send_to(:post, "/pieces/#{id}/events", { kind: "ready", on: ago(1) })

    visit "/pieces/#{id}/price"
    best = find("h1 + *, [data-line]", text: /earns you the most/, match: :first).text[/€\d+/]
    expect(best.delete("€").to_f).to be_between(200, 320)
    # (60 + 20 × 15) = 360.00: the hours ask for more than such bureaus fetch.
    expect(page).to have_text("You need €360 to cover your costs and hours")
    expect(page).to have_text(/Likely to sell for €\d+–\d+\./)
    press("Show as a table")
    expect(page).to have_css("table[aria-label='Result for each price'] tbody tr", text: best.delete("€"))
    expect(page).to have_css("table[aria-label='Where the likely price comes from'] tr", text: "Your own pieces of this kind")
    press("Decide on #{best}")
    form("Decide on a price") do
      pick("From today it's", "listed at this price")
      type("Why this price?", "what the market pays")
      press("Save decision")
    end
    expect(page).to have_text("Price set: #{best}, listed with its price drops")

    visit "/market"
    row = find("[data-listed='#{id}']")
    expect(row).to have_text(/likely to sell for €\d+–\d+/)
    expect(row).to have_css("svg[aria-label*='likely price']")
    from_menu("Ash bureau", "Add offer")
    form("Offer for Ash bureau") do
      type("Offer", "90")
      press("Get advice")
    end
    expect(find("[data-offer]", text: "€90", match: :first)).to have_text("advice: decline")
    press("Decline €90: Ash bureau")
    expect(page).to have_css("[data-offer]", text: /€90 offered.*declined/m) # what is read anew moves the buttons
    from_menu("Ash bureau", "Add offer")
    second = (best.delete("€").to_f * 0.96).round.to_s
    form("Offer for Ash bureau") do
      type("Offer", second)
      type("From", "second caller")
      press("Get advice")
    end
    offer = find("[data-offer]", text: "second caller", match: :first)
    expect(offer).to have_text("advice: accept")
    expect(find("[data-advice=take]")).to have_text(/Accept €#{second}\.\s+If you wait/)
    press("Accept €#{second}: Ash bureau")
    press("Record sale: Ash bureau")
    form("Record sale of Ash bureau") { press("Record sale") }
    expect(page).to have_text("Sold recorded")

    visit "/pieces/#{id}"
    expect(page).to have_css("h2", text: "Was it worth it?")
    expect(page).to have_text(/an hour \(target: €15\)/)
  end

  it "drops one piece that does not pay from here on" do
    house(floor_pay: "8", target_pay: "15")
    send_to(:post, "/pieces",
            { name: "Good chest", kind: "chest of drawers", bought_on: ago(12), purchase: "20", hours_to_come: "3 h" })
    weary = { name: "Weary stool", kind: "stool", bought_on: ago(30), purchase: "5", hours_to_come: "9 h",
              cost_to_come: "12" }
    stool = send_to(:post, "/pieces", weary)["id"]
    bureaus(2)
    visit "/books/pays"
    rows = all("[data-from-here]", minimum: 2)
    expect(rows.first).to have_text(/Finish it.*Good chest/m)
    expect(find("[data-from-here='#{stool}']")).to have_text(/Sell it as is|Give it up/)
    press("Give up Weary stool")
    form("Give up Weary stool") { press("Record as scrapped") }
    expect(page).to have_text("recorded")
    expect(page).to have_no_css("[data-from-here='#{stool}']")
    press("Undo")
    expect(page).to have_css("[data-from-here='#{stool}']")
  end
end
