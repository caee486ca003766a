# frozen_string_literal: true

require "axe-rspec"
require "capybara/rspec"
require "selenium-webdriver"
require_relative "../../boot"
require_relative "real_server"

Capybara.register_driver(:chromium) do |app|
  arguments = %w[--headless=new --no-sandbox --disable-gpu --disable-background-networking --disable-component-update --disable-sync
                 --window-size=1280,900 --lang=en-US --hide-scrollbars --force-prefers-reduced-motion]
  options = Selenium::WebDriver::Chrome::Options.new(binary: "/usr/bin/chromium", args: arguments)
  options.add_option("goog:loggingPrefs", { browser: "ALL" })
  Capybara::Selenium::Driver.new(app, browser: :chrome, options: options,
                                      service: Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver"))
end
Capybara.run_server = false
Capybara.default_driver = :chromium
Capybara.default_max_wait_time = 25 # a slow machine is no fault
Capybara.default_retry_interval = 0.05 # seconds; asking a hundred times a second keeps the page from getting on
Capybara.enable_aria_label = true
Capybara.automatic_label_click = true
Capybara.save_path = Dir.tmpdir
# What a person sees of an element, as the page itself lays it out. WebDriver's own way walks the document from
# outside it, at three times the cost.
module VisibleText
  SEEN = <<~JS
    const element = arguments[0];
    return element.checkVisibility({ checkVisibilityCSS: true, checkOpacity: true }) ? element.innerText : "";
  JS

  # A picture's elements have no text laid out as lines; theirs is asked for as before.
  def visible_text
    text = driver.execute_script(SEEN, self)
    text ? text.delete("\u200B").tr("\u00A0\t", "  ").gsub(/ {2,}/, " ").gsub(/ *\n\s*/, "\n").strip : super
  end
end
Capybara::Selenium::ChromeNode.prepend(VisibleText)
# The interface has no frames. The audit's way of looking into them would give the renderer one second, too little on
# a busy machine.
Axe::Configuration.instance.legacy_mode = true

# What a person does on the screens.
module Hands
  def press(name, **options) = click_button(name, exact: true, **options)

  def form(title, &) = within("[role=dialog]", text: title, &)

  # Types into a field, over what stands there.
  def type(label, text)
    field = find_field(label, exact: true)
    field.send_keys([:control, "a"], :backspace, text)
  end

  def set_date(label, iso) = find_field(label, exact: true).send_keys(Date.iso8601(iso).strftime("%m%d%Y"))

  def pick(label, option)
    all("[role=combobox][aria-labelledby]").find do |box|
      find("##{box['aria-labelledby'].split.first}").text == label
    end.click
    # Options are drawn beside the dialog, not in it.
    page.document.find("[role=option]", text: option, exact_text: true).click
    page.document.assert_no_selector("ul.MuiMenu-list[role=listbox]") # what lies under the options can be used once they are gone
  end

  # On a plan, which is read in its lines: every step instead.
  def every_step
    button = find("button", text: /\A(Every step|Summary)\z/)
    button.click if button.text == "Every step"
  end

  # Ends a flip without a sale, or splits it: from the menu that holds these.
  def choose_ending(name)
    # What comes in above it would move the button from under the hand.
    page.assert_no_selector("main [role=progressbar]")
    press("Didn't sell")
    page.document.find("[role=menuitem]", text: name, exact_text: true).click
  end

  # What is rare on a row: from its menu.
  def from_menu(row, name)
    press("More: #{row}")
    page.document.find("[role=menuitem]", text: name, exact_text: true).click
    page.document.assert_no_selector("[role=menu]")
  end

  # Opens records that are folded to a line.
  def unfold(title)
    button = find("[data-fold='#{title}'] h2 button")
    button.click if button["aria-expanded"] == "false"
    find("[data-fold='#{title}']")
  end

  # Sends files as a person chooses them.
  def give_files(label, *paths) = find("input[aria-label='#{label}']", visible: :all).set(paths)

  # Key figures of the piece page by their keys. Waits: a figure is read anew a moment after what changed it was said
  # to be recorded.
  def expect_key_figures(**figures)
    figures.each do |key, text|
      expect(page).to have_css("[data-key=#{key}] > :nth-child(2)", exact_text: text.sub(/\A(−?)(?=\d[\d,]*\.\d\d\z)/, "\\1€"))
    end
  end

  # mobile: whether the page may be zoomed out to fit, as a telephone does.
  def phone(mobile: true)
    page.driver.browser.execute_cdp("Emulation.setDeviceMetricsOverride", width: 390, height: 844,
                                                                          deviceScaleFactor: 1, mobile: mobile)
  end

  def desk = page.driver.browser.execute_cdp("Emulation.clearDeviceMetricsOverride")

  # Leaves the application, so that nothing of it asks the server any more. For a picture of the same server, as the
  # browser then need not start a process of its own for the next page; where the server is gone, for an empty page.
  def leave
    Capybara.current_session.visit("/favicon.svg")
  rescue Selenium::WebDriver::Error::UnknownError
    Capybara.current_session.visit("about:blank")
  end

  # What this browser kept of the workshop at an address: the next example's has the same id, and is another.
  def forget_device
    kept = { origin: Capybara.app_host.chomp("/"), storageTypes: "indexeddb,local_storage" }
    page.driver.browser.execute_cdp("Storage.clearDataForOrigin", **kept)
  end

  # Errors the browser has met since last asked, a refused resource of a 4xx answer aside.
  def complaints
    page.driver.browser.logs.get(:browser).select do |entry|
      entry.level == "SEVERE"
    end.map(&:message).grep_v(/status of 4\d\d/)
  end
end

# Lives by the clock and in the zone of the specs (SpecClock), from the next page on.
module BrowserClock
  SHIFT = <<~JS
    (() => {
      const ahead = %d, Real = Date;
      window.Date = class extends Real {
        constructor(...given) { given.length ? super(...given) : super(Real.now() + ahead); }
        static now() { return Real.now() + ahead; }
      };
    })();
  JS

  extend self

  def set(driver)
    browser = driver.browser
    browser.execute_cdp("Page.removeScriptToEvaluateOnNewDocument", identifier: @script) if @script
    @script = browser.execute_cdp("Page.addScriptToEvaluateOnNewDocument",
                                  source: format(SHIFT, SpecClock.ahead * 1000))["identifier"]
    browser.execute_cdp("Emulation.setTimezoneOverride", timezoneId: SpecClock.zone)
  end
end

# The same examples at each of the hours and days on which such specs used to break. The block is a group's.
module AtAnyHour
  def at_any_hour(&block)
    SpecClock::MOMENTS.each do |name, (instant, zone)|
      context name do
        before do
          SpecClock.set(instant, zone)
          BrowserClock.set(page.driver)
          workshop = send_to(:get, "/workshop")
          send_to(:patch, "/workshop", { lock_version: workshop["lock_version"], time_zone: zone })
        end

        after { SpecClock.set(SpecClock::NOON) }

        class_exec(&block)
      end
    end
  end
end

# An empty workshop for each example, on a server that goes on from one to the next.
RSpec.shared_context "with an empty workshop" do
  before do
    @server = RealServer.on(Templates.empty)
    Capybara.app_host = @server.address
    BrowserClock.set(page.driver)
    forget_device
  end

  after do |example|
    page.save_screenshot("failed-#{example.description.gsub(/\W+/, '-')[0, 40]}.png") if example.exception
    (page.windows - [page.current_window]).each(&:close)
    leave
  end
end

# The demo as it was laid out, for all examples of a group.
RSpec.shared_context "with the demo" do
  before(:context) do
    @server = RealServer.on(Templates.demo)
    Capybara.app_host = @server.address
    BrowserClock.set(Capybara.current_session.driver)
    forget_device
  end

  after(:context) { leave }
end

RSpec.configure do |config|
  config.define_derived_metadata(file_path: %r{/spec/browser/}) do |metadata|
    metadata.update(browser: true, own_data: true)
  end
  config.include Capybara::DSL, :browser
  config.include Capybara::RSpecMatchers, :browser
  config.include Hands, :browser
  config.extend AtAnyHour, :browser
  config.disable_monkey_patching!
  config.after(:each, :browser) { expect(complaints).to eq([]) }
  config.after(:suite) { RealServer.clear_shared }
end
