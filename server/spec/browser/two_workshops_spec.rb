# frozen_string_literal: true

require_relative "bench_helper"

# The same dresser, tin and receipt in a US workshop and in a euro one, each typed in its own words: plan, cost and
# money are the same. Quarts, inches and fluid ounces by NIST SP 811.
RSpec.describe "two workshops", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  us = { workshop: { currency: "USD", length_unit: "in" }, sign: "$", price: "40.50", sides: ['36"', "1 ft 6", "32"], tin: "1 qt", paid: "42.00",
         pulls: "12.50", wax: "14 fl oz", wax_paid: "9.00", tax: "1.72" }
  euro = { workshop: { currency: "EUR", length_unit: "mm" }, sign: "€", price: "40,50", sides: ["91,44 cm", "457.2", "812,8 mm"], tin: "0,946353 L",
           paid: "42,00", pulls: "12,50", wax: "41,4029 cl", wax_paid: "9", tax: "1,72" }
  metric = /\d ?(?:mm|ml|cm|kg|°C|m²|L|g)(?![a-z²])/

  def record(said)
    visit "/floor"
    press("Record a piece", match: :first)
    form("Record a piece") do
      type("What is it?", "Dresser from the barn")
      find_field("Kind").send_keys("dresser", :tab)
      { "Width" => 0, "Depth" => 1, "Height" => 2 }.each { |side, place| type(side, said[:sides][place]) }
      type("Price paid", said[:price])
      press("Save piece")
    end
    press("Check its shape")
    form("The shape of this dresser") { press("Looks right") }
    expect(page).to have_button("Shape")
  end

  def paint
    within("nav[aria-label]", text: "Inspect") { click_link("Look") }
    press("Start a look")
    form("A look") do
      type("Name of the look", "Dark")
      press("Start this look")
    end
    press("Everything visible")
    within("[role=group][aria-label=Finish]") { press("Paint") }
    find("button[aria-label^='Color ']").click
    within("[role=dialog][aria-label='Colors: Color']") do
      type("Find a color", "ink")
      press("inkwell")
    end
    expect(page).to have_text("Paint, inkwell")
  end

  def stock(said)
    visit "/shelf"
    press("Add to the shelf", match: :first)
    form("Add to the shelf") do
      pick("What", "all-in-one satin paint")
      find("button[aria-label^='Color ']").click
      within(page.document.find("[role=dialog][aria-label='Colors: Color']")) { press("inkwell") }
      type("Size", said[:tin])
      type("Price paid", said[:paid])
      press("Add to shelf")
    end
    expect(page).to have_text("all-in-one satin paint, inkwell")
  end

  def take_half
    press("Use all-in-one satin paint, inkwell")
    form("Use from the shelf") do
      type("or a share, like half or 1/4", "1/2")
      find_field("Pieces").send_keys("Dresser")
      page.document.find("[role=option]", text: "Dresser").click
      expect(page).to have_css("button", text: "The plan calls for")
      press("Use it")
    end
    expect(page).to have_text(/used, [$€]21\.00/)
  end

  def receipt(said)
    visit "/evening"
    type("Total (#{said[:sign]})", "23.22")
    type("Tax added (#{said[:sign]})", said[:tax])
    within("[role=group][aria-label='Line 1']") do
      type("What", "Cup pulls")
      type("Amount on line 1", said[:pulls])
      find_field("Pieces").send_keys("Dresser")
    end
    find("[role=option]", text: "Dresser").click
    expect(page).to have_text("What does this cover?") # the buttons below move once when it comes
    press("Add a line")
    within("[role=group][aria-label='Line 2']") do
      type("Amount on line 2", said[:wax_paid])
      press("to the shelf")
      pick("Product", "paste wax")
      type("Size", said[:wax])
    end
    press("Record receipt")
    expect(page).to have_text("Receipt of #{said[:sign]}23.22 recorded")
  end

  # What both must read alike.
  def read
    plan = send_to(:get, "/pieces/1/plan")["plan"]
    piece = send_to(:get, "/pieces/1")
    { steps: plan["steps"].map { |step| [step["label"], step["time"]["seconds"], step["wait"]] }, hours: plan["hours"],
      figures: piece["figures"].map { |figure| [figure["key"], figure["text"].to_s.delete("$€")] },
      costs: piece["costs"].map { |cost| cost["amount"]["bare"] },
      worth: send_to(:get, "/shelf")["worth"].except("text") }
  end

  # {address => what is metric on its screen}.
  def seen(metric)
    pages = %w[/pieces/1 /pieces/1/look /pieces/1/plan /shelf /shelf/shopping /shelf/products /tools /scout /evening
               /rules]
    screens = pages.to_h do |path|
      visit path
      expect(page).to have_css("h1")
      expect(page).to have_no_css("[role=progressbar]")
      [path, page.find("main").text.scan(metric)]
    end
    screens.reject { |_, found| found.empty? }
  end

  it "read the same plan, cost and money of the same dresser, and nothing metric stands in the US one" do
    answers = [us, euro].map do |said|
      @server = RealServer.on(Templates.empty)
      Capybara.app_host = @server.address
      send_to(:patch, "/workshop", { lock_version: send_to(:get, "/workshop")["lock_version"], **said[:workshop] })
      record(said)
      paint
      stock(said)
      take_half
      receipt(said)
      [read, seen(metric)]
    end
    (alike, shown), (other, elsewhere) = answers
    expect(alike[:steps].size).to be > 10
    expect(alike).to eq(other)
    expect(shown).to eq({})
    expect(elsewhere.keys).to include("/pieces/1", "/pieces/1/plan", "/shelf", "/shelf/shopping") # what is looked for would be found
  end
end
