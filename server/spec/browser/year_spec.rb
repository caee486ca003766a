# frozen_string_literal: true

require_relative "bench_helper"
require "open3"

# A year in Books: flips compared, goals, money apart, files, and a restored archive with the same figures. Figures by
# hand.
RSpec.describe "a year in Books", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def today = Date.iso8601(send_to(:get, "/today")["date"]["iso"])
  def ago(days) = (today - days).iso8601

  # Sold so many days ago, after as many hours at the bench.
  def flip(name, kind, paid, hours, price, day, **rest)
    id = send_to(:post, "/pieces", { name: name, kind: kind, bought_on: ago(day + 30), purchase: paid, **rest })["id"]
    send_to(:post, "/work",
            { kind: "sanding", effort: "#{hours} h", worked_on: ago(day + 20), pieces: [{ piece_id: id }] })
    send_to(:post, "/pieces/#{id}/events", { kind: "listed", on: ago(day + 10), asking: price })
    send_to(:post, "/pieces/#{id}/events", { kind: "sold", on: ago(day), price: price, channel: "booth" })
    id
  end

  # Five desks that earned 30.00 an hour and five chairs that earned 10.00; one desk stood out.
  def history
    5.times do |number|
      flip("Desk #{number}", "desk", "40", 2, "100", 3 + (number * 2), techniques: number < 2 ? "two colours" : "")
    end
    5.times { |number| flip("Chair #{number}", "chair", "20", 2, "40", 4 + (number * 2)) }
    flip("Long desk", "desk", "40", 2, "220", 20)
  end

  def group(name) = find("table[aria-label=Compared] tr", text: /\A#{name}/)

  it "compares, says what it rests on, and unfolds to the flips behind" do
    history
    visit "/books"
    click_link "What pays"
    # Desks: 5 × 60 + 180 = 480 in 12 h = 40.00; chairs 100 in 10 h = 10.00.
    ranked = all("[aria-label='Ranked by hourly pay'] li").map(&:text)
    expect(ranked).to match([/\Adesk \(6\)/, /\Achair \(5\)/])
    press("Compared as a table")
    expect(group("desk")).to have_text("40.00 (6 with hours)")
    expect(page).to have_text("Desk pays best")
    expect(group("desk")).to have_text(/likely to pay better than your other flips|pays better than your other flips/)
    expect(group("chair")).to have_text(/€[\d.]+–[\d.]+ an hour; \d+% likely to pay better/)
    expect(page).to have_text("Long desk: €180.00 in 2 h")
    expect(page).to have_text("brought €120 more than the median desk (of 6)")
    press("chair")
    expect(page).to have_css("table[aria-label='Flips behind “chair”'] tbody tr", count: 5)
    pick("By", "Technique")
    expect(group("two colours")).to have_text(/likely|are needed|nothing to compare with/)
    press("Show as a table")
    expect(page).to have_css("table[aria-label='Hours and profit'] tr", text: "Long desk 2 h 180.00 90.00")
  end

  it "keeps what belongs to no flip apart, and says how goals go" do
    history
    visit "/books/year"
    press("Add money")
    form("Money outside flips") do
      type("What", "Sander")
      type("Amount", "85")
      press("Add")
    end
    expect(page).to have_css("[data-figure=left]", text: "495.00") # 580 − 85
    press("Set goals")
    form("Goals for #{today.year}") do
      type("Pieces sold", "11")
      press("Set goals")
    end
    expect(page).to have_css("table[aria-label=Goals] tr", text: "Pieces sold 11 11")
    expect(page).to have_text("already reached")
    press("Remove Sander")
    expect(page).to have_css("[data-figure=left]", text: "580.00")
    press("Undo")
    expect(page).to have_css("[data-figure=left]", text: "495.00")
  end

  it "works history again, with what it assumes" do
    history
    visit "/books/what-if"
    pick("By", "Kind")
    pick("Without", "chair (5)")
    # 480 of the desks, and half of 10 h at 40.00.
    expect(page).to have_text("Without the 5 flips with “chair”, your profit would be €680.00 instead of €580.00 (+€100)")
    expect(page).to have_text("You'd lose nothing if you spent 25% of the free hours")
    expect(page).to have_text(/Each percent less saves [\d.]+% of the days on the market: learned from 11 sales of yours/)
    pick("Days saved for each percent", "2%")
    # 920 × 10% = 92.00 less; 11 × 10 days × 20% = 22 days at 580 ÷ 330 = 1.76 a day: 38.72.
    expect(page).to have_text("Over 11 sales you'd get €92.00 less and save 22 days for sale")
    expect(page).to have_text("−€53.28 in total")
  end

  it "shows the same figures to the cent once its archive was restored" do
    history
    visit "/books"
    figures = page.all("[data-figure]").map(&:text)
    expect(figures.first).to include("580.00")
    file = File.join(File.dirname(@server.home), "copy.zip")
    run = lambda { |*arguments|
      Open3.capture2e({ "KOHLRABI_HOME" => @server.home }, "ruby", File.join(ROOT, "server/kohlrabi.rb"), *arguments)
    }
    run.call("backup", file)
    flip("After the copy", "desk", "1", 1, "500", 1)
    visit "about:blank" # a page in view asks again by itself, and would complain of the server that is gone
    @server.stop
    out, status = run.call("restore", file)
    expect([out, status.success?]).to match([/Restored: 11 flips/, true])
    @server.start
    visit "/books"
    expect(page).to have_css("[data-figure=profit]", text: "580.00")
    expect(page.all("[data-figure]").map(&:text)).to eq(figures)
  end

  it "offers files, and a set is sold from the market" do
    history
    ids = Array.new(2) do |number|
      send_to(:post, "/pieces", { name: "Stool #{number}", kind: "stool", bought_on: ago(9), purchase: "5" })["id"]
    end
    set = send_to(:post, "/sets", { name: "Two stools", piece_ids: ids })
    send_to(:post, "/sets/#{set['id']}/events", { kind: "listed", on: ago(5), asking: "60" })
    visit "/market"
    expect(page).to have_no_button("Sold: Stool 0")
    click_link "Two stools", match: :first
    press("Record sale")
    form("Record sale") do
      type("Sale price of the set", "51")
      press("Record sale")
    end
    visit "/market"
    expect(page).to have_css("[data-sold]", text: /Stool 0.*€25.50 received/m)
    visit "/books/year"
    expect(page).to have_link("Accounting journal", href: "/api/export/books.journal")
    visit "/books"
    expect(page).to have_css("[data-figure=profit]", text: "621.00") # 580 + 51 − 10
  end
end
