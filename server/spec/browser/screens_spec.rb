# frozen_string_literal: true

require_relative "bench_helper"

# What the screens do that the day's work rests on: the plan as a slider, looks to begin with, several at once, the list
# of what was done, finding, folding, buying, and rules that keep themselves.
RSpec.describe "living in the screens", type: :feature do
  include_context "with an empty workshop"

  include BenchHands

  def today = Date.iso8601(send_to(:get, "/today")["date"]["iso"])
  def ago(days) = (today - days).iso8601

  def chest(name = "Larch chest")
    send_to(:post, "/pieces", { name: name, kind: "chest of drawers", drawer_rows: "1,1", width: "900", depth: "450", height: "850",
                                bought_on: ago(3), purchase: "40" })["id"]
  end

  it "begins a look from its picture, and moves the piece through its steps" do
    id = chest
    visit "/pieces/#{id}/look"
    expect(page).to have_css("[data-starter]", minimum: 6)
    shown = find("[data-starter=painted]").text[/(\d+ h )?\d+( min)?/]
    press("Start from this: Painted all over")
    expect(page).to have_text("Look “Painted all over” started")
    expect(page).to have_css("[role=option][aria-label^='Top, Paint']")
    expect(find("table[aria-label='Looks compared']")).to have_text(shown) # as the picture had said
    visit "/pieces/#{id}/plan"
    every_step
    expect(page).to have_css("[data-in-time='0']", text: "As you bought it")
    expect(page).to have_text(/\w{3} \d+ \w{3}/) # steps stand by session
    before = page.all("[data-in-time] polygon").map { |one| one["fill"] }.uniq
    slider = find("input[aria-label='Step by step']", visible: :all)
    slider.send_keys(:end)
    expect(page).to have_css("[data-in-time]", text: "Ready")
    after = page.all("[data-in-time] polygon").map { |one| one["fill"] }.uniq
    expect(after).not_to eq(before)
    expect(after).to include("#8a9a86") # the colour of the look
    slider.send_keys(:home)
    expect(page).to have_css("[data-in-time='0']")
  end

  it "narrows the floor, and does the same to several at once; all of it is in the list of what was done" do
    ids = %w[Ash Elm Oak].map do |wood|
      send_to(:post, "/pieces", { name: "#{wood} stool", kind: "stool", bought_on: ago(9), purchase: "5" })["id"]
    end
    chest
    visit "/floor"
    pick("Kind", "stool")
    expect(page).to have_css("[data-piece]", count: 3)
    press("Select several")
    ["Ash stool", "Elm stool"].each { |name| check("Select #{name}", visible: :all) }
    expect(page).to have_text("2 pieces selected")
    press("Mark as ready")
    form("Mark as ready: 2 pieces") { press("Mark as ready") }
    expect(page).to have_text("2 pieces ready")
    expect(page).to have_css("[data-piece='#{ids[0]}']", text: "ready")
    press("Select several")
    ["Ash stool", "Elm stool"].each { |name| check("Select #{name}", visible: :all) }
    press("Mark as listed")
    form("Mark as listed: 2 pieces") do
      type("Ash stool", "30")
      type("Elm stool", "3x")
      press("Mark as listed")
      expect(page).to have_text("Elm stool: “3x” isn't an amount")
      type("Elm stool", "31")
      press("Mark as listed")
    end
    expect(page).to have_text("2 pieces listed")
    find("h1").click
    find("body").send_keys("u")
    form("Done this session") do
      expect(page).to have_text("2 pieces listed")
      press("Undo: 2 pieces listed")
      expect(page).to have_no_button("Undo: 2 pieces listed")
      press("Undo: 2 pieces ready")
      press("Close")
    end
    expect(page).to have_css("[data-piece='#{ids[0]}']", text: "bought")
    expect(send_to(:get, "/pieces/#{ids[1]}")["stage"]).to eq("bought")
  end

  it "finds a rule, a page and a tool by their words, from anywhere and while one types" do
    visit "/floor"
    find("body").send_keys("/")
    within("[role=dialog]") { find("input").send_keys("target pay") }
    find("[role=option]", text: "Target pay").click
    expect(page).to have_css("h1", text: "House rules")
    find_field("Target pay").send_keys([:control, "k"])
    within("[role=dialog]") { find("input").send_keys("jig") }
    find("[role=option]", text: "Pulls: holes, screws, jig").click
    expect(page).to have_css("h1", text: "Pulls")
  end

  it "keeps a rule as one leaves its field, and says what cannot be kept" do
    visit "/rules"
    type("Minimum pay", "8")
    find("h1").click
    expect(page).to have_text("Minimum pay saved")
    expect(send_to(:get, "/workshop")["floor_pay"]["text"]).to eq("€8.00")
    type("Target pay", "5")
    find("h1").click
    expect(page).to have_text("Your target pay is below your minimum pay")
    expect(page).to have_field("Target pay", with: "5") # what was typed is still there
    visit "/books?year=2024"
    click_link "What pays"
    expect(page).to have_current_path("/books/pays?year=2024") # the chosen year stays chosen
  end

  it "keeps folds as they were left, ticks what was bought at its price, and shows the tin as full" do
    id = chest
    send_to(:post, "/pieces/#{id}/looks", { name: "Oiled", starter: "bare_oiled" })
    visit "/pieces/#{id}"
    unfold("Problems")
    page.refresh
    expect(page).to have_css("[data-fold=Problems] h2 button[aria-expanded=true]")
    expect(page).to have_css("[data-fold=Costs] h2 button[aria-expanded=false]")
    visit "/shelf/shopping"
    row = find("[data-to-buy]", text: "furniture oil")
    within(row) do
      price = find("input")
      price.send_keys([:control, "a"], "12.40")
      click_button(text: "Bought")
    end
    expect(page).to have_no_css("[data-to-buy]", text: "furniture oil")
    visit "/shelf"
    expect(page).to have_css("svg[aria-label='100% full']")
    expect(page).to have_text("€12.40")
  end

  it "orders the floor as asked, and keeps a label's figures as they were corrected and undone" do
    { "Ash stool" => 20, "Elm stool" => 5, "Oak stool" => 12 }.each do |name, before|
      send_to(:post, "/pieces", { name: name, kind: "stool", bought_on: ago(before), purchase: "5" })
    end
    visit "/floor"
    pick("Order", "Bought, oldest first")
    expect(page).to have_text(/Ash stool.*Oak stool.*Elm stool/m)
    visit "/shelf/products"
    press("Add a product")
    form("Add a product") do
      type("Name on the can, in your words", "Barn paint")
      pick("Type", "chalk-style paint")
      press("Add product")
    end
    press("Edit Barn paint")
    form("Barn paint") do
      type("Coverage", "11")
      press("Save")
    end
    row = "table[aria-label='Your products'] tbody tr"
    expect(page).to have_css(row, text: /Barn paint.*11/m)
    press("Undo")
    expect(page).to have_css(row, text: /Barn paint.*usual/m)
  end
end
