# frozen_string_literal: true

require_relative "browser_helper"

MAIN_VIEWS = { "/" => "Today", "/week" => "Week", "/floor" => "Floor", "/floor?view=archive" => "Floor",
               "/pieces/22" => "Walnut bureau with rolled lid", "/pieces/33" => "Beech plan chest, low", "/books" => /profit so far, €.* an hour/,
               "/scout" => "Scout", "/scout/new" => "Check a piece", "/scout/9" => "Oak blanket chest, panelled",
               "/scout/card" => "Most you should pay",
               "/scout/record" => "Track record", "/scout/lots" => "Lots", "/scout/lots/1" => "Dairy sale, row by the churns",
               "/scout/trips" => "Trips", "/floor/sets" => "Sets", "/floor/sets/2" => "Pair of chapel chairs, bare seats", "/shelf" => "Materials",
               "/shelf/shopping" => "Shopping list", "/shelf/stash" => "Stash",
               "/pieces/32" => "Oak washstand, bow front", "/books/import" => "Import past flips", "/rules" => "House rules",
               "/how" => "How it works",
               "/pieces/45/over" => "Larch chest, four drawers: inspect", "/pieces/45/look" => "Larch chest, four drawers: look",
               "/pieces/34/plan" => "Walnut bureau, slant top: plan", "/pieces/34/parts" => "Walnut bureau, slant top: parts",
               "/pieces/38/bench" => "Take off the candle wax", "/pieces/38/plan" => "Pine blanket box, dovetailed: plan",
               "/shelf/products" => "Products and recipes", "/shelf/mixes" => "Mixes", "/shelf/mixes/1" => "Gable cream",
               "/books/pays?by=technique&trait=two+colours" => "What pays", "/books/time" => "Hours and estimates",
               "/books/year" => "Year",
               "/books/what-if" => "What if", "/market/channels" => "Channels", "/market/practice" => "Practice",
               "/pieces/33/listing" => "Beech plan chest, low: ad", "/market" => /for sale\./,
               "/pieces/45/price" => "Larch chest, four drawers: price",
               "/tools" => "Tools", "/tools/pulls?piece=45&old=64" => "Pulls: holes, screws, jig",
               "/tools/sticks" => "Cutting plan for sticks" }.freeze

# The demo on every main view: audited for accessibility in both schemes, and fitting a phone.
RSpec.describe "every main view" do
  include_context "with the demo"

  # As by a link within the application: loading all of it anew for each view takes longer than the audit.
  def show(path, title)
    visit path unless page.has_css?("nav", wait: 0)
    page.execute_script("history.pushState({}, '', arguments[0]); dispatchEvent(new PopStateEvent('popstate'))", path)
    expect(page).to have_css("h1", text: title)
    expect(page).to have_no_css("[role=progressbar]")
  end

  # As when another tab of the same browser is switched to it.
  def scheme(name)
    change = "localStorage.setItem('mui-mode', '#{name}'); " \
             "dispatchEvent(new StorageEvent('storage', { key: 'mui-mode', newValue: '#{name}', storageArea: localStorage }))"
    page.execute_script(change)
    expect(page).to have_css("html[data-scheme=#{name}]")
  end

  # Width that the page takes, once it has settled at the one that it was given.
  def width(given)
    page.document.synchronize(5, errors: [Capybara::ExpectationNotMet]) do
      taken = page.evaluate_script("innerWidth === #{given} && document.documentElement.scrollWidth")
      taken && taken <= given ? taken : raise(Capybara::ExpectationNotMet, "takes #{taken} px of #{given}")
    end
  rescue Capybara::ExpectationNotMet
    page.evaluate_script("document.documentElement.scrollWidth")
  end

  MAIN_VIEWS.each do |path, title|
    it "passes the audit in both schemes and fits a phone without scrolling sideways: #{path}", :aggregate_failures do
      show(path, title)
      scheme("light")
      expect(page).to be_axe_clean.with_options(resultTypes: ["violations"]) # all rules, those of good practice too
      scheme("dark") # the same elements in other colours: the rules that look at colours again
      expect(page).to be_axe_clean.checking_only(:"color-contrast",
                                                 :"link-in-text-block").with_options(resultTypes: ["violations"])
      phone(mobile: false)
      expect(width(390)).to be <= 390
      targets = "[...document.querySelectorAll('nav a, main button.MuiButton-contained')]"
      small = page.evaluate_script("#{targets}.filter(target => target.offsetHeight > 0 && target.offsetHeight < 44).length")
      expect(small).to eq(0)
    ensure
      desk
    end
  end

  # What lies before the eye as a page comes up, when its figures come in: the sum of what jumped, as the browser
  # counts it (layout shift without a hand on it; a good page stays under 0.1, https://web.dev/articles/cls, from
  # memory).
  let(:shifts) { <<~JS }
    const done = arguments[0];
    let sum = 0;
    new PerformanceObserver((list) => list.getEntries().forEach((one) => { if (!one.hadRecentInput) sum += one.value; }))
      .observe({ type: "layout-shift", buffered: true });
    setTimeout(() => done(sum), 400);
  JS

  it "does not jump when figures come in" do
    jumped = %w[/ /floor /pieces/34 /pieces/34/plan /market /books /books/pays /shelf /scout
                /pieces/45/price].to_h do |path|
      visit path
      expect(page).to have_css("h1")
      expect(page).to have_no_css("[role=progressbar]")
      [path, page.evaluate_async_script(shifts).round(3)]
    end
    expect(jumped.select { |_, shift| shift >= 0.05 }).to eq({})
  end

  # Where dialogs are opened, and by what.
  dialogs = { "/pieces/33" => ["Record hours", "Add cost", "Edit piece", "Record sale"], "/floor" => ["Record a piece", "Add a past flip"],
              "/shelf" => ["Add to the shelf"], "/pieces/45/look" => ["Add another look", "Fittings", "Edit"],
              "/books/year" => ["Set goals", "Add money"],
              "/pieces/45/plan" => ["Save as a recipe"], "/pieces/45/price" => ["Add one you saw"] }

  dialogs.each do |path, buttons|
    it "passes the audit with a dialog open, in both schemes and on a phone: #{path}", :aggregate_failures do
      show(path, /./)
      buttons.each do |button|
        scheme("light")
        press(button, match: :first)
        expect(page).to have_css("[role=dialog]")
        expect(page).to be_axe_clean.within("[role=dialog]").with_options(resultTypes: ["violations"])
        scheme("dark")
        expect(page).to be_axe_clean.within("[role=dialog]").checking_only(:"color-contrast").with_options(resultTypes: ["violations"])
        phone(mobile: false)
        expect(width(390)).to be <= 390
        desk
        within("[role=dialog]") { press("Cancel") }
        expect(page).to have_no_css("[role=dialog]")
      end
    end
  end

  it "passes the audit with what opens from anywhere: found, undone, keys" do
    show("/floor", "Floor")
    { "/" => "Find a piece, step, can, tool, note …", "u" => "Done this session", "?" => "Ctrl+Z" }.each do |key, text|
      find("body").send_keys(key)
      expect(page).to have_css("[role=dialog]", text: text)
      expect(page).to be_axe_clean.within("[role=dialog]").with_options(resultTypes: ["violations"])
      page.driver.browser.action.send_keys(:escape).perform
      expect(page).to have_no_css("[role=dialog]")
    end
  end

  it "shows true figures: Books equal the report of the command line" do
    show("/books", /profit so far, €.* an hour/)
    output = IO.popen(
      [{ "KOHLRABI_HOME" => @server.home }, "ruby", File.join(ROOT, "server/kohlrabi.rb"), "report", "--demo"], &:read
    )
    totals = JSON.parse(output).fetch("totals")
    expect(page).to have_css("[data-figure=profit]", text: totals["cash_profit"].sub(/(?=\d{3}\.)/, ","))
    expect(page).to have_css("[data-figure=hourly_pay]", text: totals["hourly_pay"])
    expect(totals.values_at("flips", "sold")).to match([be >= 40, be >= 25])
  end

  it "lists its keys, and leaves them alone while one types" do
    show("/floor", "Floor")
    find("body").send_keys("?")
    expect(page).to have_css("[role=dialog]", text: "Undo the last thing you did")
    press("Close")
    find_field("Search").send_keys("n3?")
    expect(page).to have_css("h1", text: "Floor")
    expect(page).to have_text("No pieces found")
  end
end
