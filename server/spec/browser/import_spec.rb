# frozen_string_literal: true

require_relative "browser_helper"

RSpec.describe "a spreadsheet of past flips" do
  include_context "with an empty workshop"

  def file(text)
    File.join(File.dirname(@server.home), "flips.csv").tap { |path| File.write(path, text) }
  end

  it "asks what it leaves open, shows what is wrong, and gives full Books from 500 rows" do
    rows = Array.new(500) do |i|
      format("Flip %<i>d;%<day>02d.03.2025;20,50;2,0;%<day>02d.04.2025;60,50", i: i, day: (i % 28) + 1)
    end
    broken = rows.dup.tap { |list| list[7] = "Flip 7;31.02.2025;20,50;2,0;;" }
    visit "/books/import"
    head = "name;bought_on;purchase;hours;sold_on;sale_price"
    attach_file("Spreadsheet file", file([head, *broken].join("\r\n")), make_visible: true)
    press("Yes, a comma")
    press("Day first")
    expect(page).to have_text("499 ready to import, 1 with a problem, 0 already here.")
    expect(page).to have_text("bought_on: “31.02.2025” isn't in the calendar")
    expect(page).to have_button("Import 499 flips", disabled: true)

    # The mended file under its old name. (The driver sets the value without the click that clears it.)
    page.execute_script("document.querySelector('input[type=file]').value = ''")
    attach_file("Spreadsheet file", file([head, *rows].join("\r\n")), make_visible: true)
    press("Yes, a comma")
    press("Day first")
    press("Import 500 flips")
    expect(page).to have_text("500 flips imported")
    # By hand: 500 × (60.50 − 20.50) = 20 000; ÷ (500 × 2 h) = 20.00 an hour; 31 days each.
    expect(page).to have_css("[data-figure=profit]", text: "20,000.00")
    expect(page).to have_css("[data-figure=hourly_pay]", text: "20.00")
    expect(page).to have_text("Half of your 500 flips took 31–31 days from buying to selling.")
    press("Show as a table")
    expect(page).to have_css("tr", text: /Apr 2025 500 30,250.00 20,000.00 1000 h 20.00 31 \(of 500\)/)
  end

  it "matches the columns of somebody else's file, and takes them as matched" do
    visit "/books/import"
    text = "Item,Colour,Paid,Sold for,Sale date,Extra\nDesk,red,20,80,2025-02-01,3.50\nStool,blue,5,21,2025-03-01,0\n"
    attach_file("Spreadsheet file", file(text), make_visible: true)
    expect(page).to have_text("Columns: 4 of 6 imported")
    expect(page).to have_css("tr", text: /Paid 20, 5\s+price paid\s+a guess; is it right/)
    expect(page).to have_button("Import 2 flips", disabled: true)
    choose = lambda do |head, to|
      find("[aria-label='#{head} is imported as']", visible: :all).find(:xpath, "..").find("[role=combobox]").click
      find("[role=option]", text: to, exact_text: true).click
    end
    choose.call("Colour", "don't import")
    choose.call("Extra", "other costs")
    expect(page).to have_text("Columns: 5 of 6 imported")
    press("Import 2 flips")
    expect(page).to have_text("2 flips imported")
    # 80 − 20 − 3.50 + 21 − 5 = 72.50.
    expect(page).to have_css("[data-figure=profit]", text: "72.50")
  end
end
