# frozen_string_literal: true

require_relative "browser_helper"

# The three pictures as they are really drawn, measured on the screen.
RSpec.describe "the three pictures" do
  include_context "with the demo"

  # Boxes of the labels above a price tape, and where its stems stand.
  def tape
    page.evaluate_script(<<~JS)
      (() => {
        const svg = document.querySelector("svg[aria-label^='Prices in']");
        const box = (e) => (({ left, right, top, bottom }) => ({ left, right, top, bottom }))(e.getBoundingClientRect());
        const marks = [...svg.querySelectorAll("g")].filter((g) => g.querySelector("text tspan"));
        return { svg: box(svg), labels: marks.map((g) => box(g.querySelector("text"))), stems: marks.map((g) => box(g.querySelector("path"))) };
      })()
    JS
  end

  def overlap?(one, other)
    one["left"] < other["right"] && other["left"] < one["right"] && one["top"] + 3 < other["bottom"] && other["top"] + 3 < one["bottom"]
  end

  def collisions(tape)
    labels = tape["labels"]
    between = labels.combination(2).select { |one, other| overlap?(one, other) }
    crossed = labels.product(tape["stems"]).select do |label, stem|
      overlap?(label, stem.merge("left" => stem["left"] + 1, "right" => stem["left"] + 2))
    end
    outside = labels.reject do |label|
      label["right"] <= tape["svg"]["right"] + 1 && label["left"] >= tape["svg"]["left"]
    end
    between + crossed + outside
  end

  it "never lets labels on the tape collide, on either width" do
    [method(:desk), method(:phone)].each do |width|
      width.call
      [10, 13, 20, 22, 32, 33, 34, 36, 38, 39].each do |id|
        visit "/pieces/#{id}"
        expect(page).to have_css("svg[aria-label^='Prices in']")
        expect(collisions(tape)).to eq([]), "piece #{id}"
      end
    end
  ensure
    desk
  end

  it "draws a piece in the proportions of its measures" do
    visit "/pieces/11" # 1640 mm wide, 760 mm high
    expect(page).to have_css("svg[aria-label^='Front view, 1640 mm wide, 760 mm high']")
    box = page.evaluate_script(<<~JS)
      (({ width, height }) => [width, height])(document.querySelector("svg[aria-label^='Front view'] g").getBoundingClientRect())
    JS
    expect(box.first / box.last).to be_within(0.03).of(1640 / 760.0)
  end

  it "lays the days strip to scale: parts are as long as their days" do
    visit "/pieces/22"
    expect(page).to have_css("svg[aria-label^='waiting']")
    rects = "[...document.querySelectorAll(\"svg[aria-label^='waiting'] > rect\")]"
    widths = page.evaluate_script("#{rects}.map(rect => [rect.getAttribute('width') * 1, rect.textContent])")
    perday = widths.filter_map do |width, label|
      (width / label[/(\d+) days?/, 1].to_f).round(2) if label[/(\d+) days?/, 1].to_i > 10
    end
    expect(widths.size).to be >= 3
    expect(perday.max - perday.min).to be < 0.05
  end

  it "fetches nothing from elsewhere, and runs nothing that was slipped into the page" do
    visit "/books"
    expect(page).to have_css("h1", text: /€[\d,.]+ profit so far, €[\d.]+ an hour/)
    origins = page.evaluate_script("[...new Set(performance.getEntriesByType('resource').map(entry => new URL(entry.name).origin))]")
    expect(origins).to eq([@server.address.chomp("/")])
    page.execute_script("const s = document.createElement('script'); s.textContent = 'window.slipped = 1'; document.head.append(s)")
    expect(page.evaluate_script("window.slipped")).to be_nil
    expect(complaints).to contain_exactly(/Content Security Policy/)
  end

  it "prints without the rail and the buttons" do
    visit "/pieces/22"
    expect(page).to have_css("h1", text: "Walnut bureau with rolled lid")
    page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", media: "print")
    expect(page).to have_no_css("nav", visible: :visible)
    expect(page).to have_no_button("Record refund", visible: :visible)
    expect(page).to have_css("[data-figure=cash_profit]")
  ensure
    page.driver.browser.execute_cdp("Emulation.setEmulatedMedia", media: "")
  end

  it "unfolds a price to costs, fees and wages that add up" do
    visit "/pieces/38"
    unfold("What you need")
    find("[data-figure=target] button").click
    expect(page).to have_css("[data-terms=target] li", text: /Hours × pay\n€\d/)
    terms = all("[data-terms=target] li").map { |item| item.text.split("\n") }
    costs, fixed, wages = terms.map { |term| term.last.delete("€").to_f }
    expect(page).to have_css("[data-figure=target] button", text: "€#{(costs + fixed + wages).ceil}")
  end
end
