# frozen_string_literal: true

require "axe-rspec"
require "capybara/rspec"
require "selenium-webdriver"
require "timeout"
require "tmpdir"
require_relative "../../boot"

# The real server on data of its own, as a process that can be stopped and started again.
class RealServer
  attr_reader :address, :home

  # input: given to a command that only reads it and ends; nothing is served then.
  def initialize(*arguments, input: nil)
    @home = File.join(Dir.mktmpdir("kohlrabi-browser"), "home")
    @arguments = arguments.empty? ? ["serve"] : arguments
    input ? IO.popen([environment, *program, *@arguments], "r+") { |io| io.write(input) && io.close_write && io.read } : start
  end

  # Starts with other arguments. Returns what was printed up to the last line.
  def restart(*arguments)
    @arguments = arguments
    start
  end

  def start
    reader, writer = IO.pipe
    @pid = spawn(environment, *program, *@arguments, "--port", (@port || ENV.fetch("SPEC_PORT", 4800)).to_s, out: writer)
    writer.close
    printed = +""
    Timeout.timeout(180) { nil until (@address = (printed << (reader.gets || raise("the server ended: #{printed}")))[%r{http://[\d.:]+}]) }
    @port = URI(@address).port
    Timeout.timeout(20) { printed << reader.gets.to_s until printed.include?("--certificate") } if @arguments.include?("--lan")
    printed
  end

  def environment = { "KOHLRABI_HOME" => @home }
  def program = ["ruby", File.join(Kohlrabi::ROOT, "server/kohlrabi.rb")]

  def stop(signal = :TERM)
    Process.kill(signal, @pid)
    Process.wait(@pid)
  end

  def clear
    stop
    FileUtils.rm_rf(File.dirname(@home))
  end
end

Capybara.register_driver(:chromium) do |app|
  arguments = %w[--headless=new --no-sandbox --disable-gpu --disable-background-networking --disable-component-update --disable-sync
                 --window-size=1280,900 --lang=en-US --hide-scrollbars]
  options = Selenium::WebDriver::Chrome::Options.new(binary: "/usr/bin/chromium", args: arguments)
  options.add_option("goog:loggingPrefs", { browser: "ALL" })
  Capybara::Selenium::Driver.new(app, browser: :chrome, options: options, service: Selenium::WebDriver::Service.chrome(path: "/usr/bin/chromedriver"))
end
Capybara.run_server = false
Capybara.default_driver = :chromium
Capybara.default_max_wait_time = 25 # a slow machine is no fault
Capybara.enable_aria_label = true
Capybara.automatic_label_click = true
Capybara.save_path = Dir.tmpdir
# The interface has no frames. The audit's way of looking into them would give the renderer one second, too little on a busy machine.
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
    all("[role=combobox][aria-labelledby]").find { |box| find("##{box['aria-labelledby'].split.first}").text == label }.click
    # Options are drawn beside the dialog, not in it.
    page.document.find("[role=option]", text: option, exact_text: true).click
    page.document.assert_no_selector("ul.MuiMenu-list[role=listbox]") # what lies under the options can be used once they are gone
  end

  # Ends a flip without a sale, or splits it: from the menu that holds these.
  def choose_ending(name)
    press("It ends otherwise")
    page.document.find("[role=menuitem]", text: name, exact_text: true).click
  end

  # Sends files as a person chooses them.
  def give_files(label, *paths) = find("input[aria-label='#{label}']", visible: :all).set(paths)

  # Key figures of the piece page by their keys. Waits: a figure is read anew a moment after what changed it was said to be recorded.
  def expect_key_figures(**figures)
    figures.each { |key, text| expect(page).to have_css("[data-key=#{key}] > :nth-child(2)", exact_text: text) }
  end

  def phone = page.driver.browser.execute_cdp("Emulation.setDeviceMetricsOverride", width: 390, height: 844, deviceScaleFactor: 1, mobile: true)
  def desk = page.driver.browser.execute_cdp("Emulation.clearDeviceMetricsOverride")

  # Errors the browser has met since last asked, a refused resource of a 4xx answer aside.
  def complaints = page.driver.browser.logs.get(:browser).select { |entry| entry.level == "SEVERE" }.map(&:message).grep_v(/status of 4\d\d/)
end

# A server with an empty workshop for each example.
RSpec.shared_context "with an empty workshop" do
  before do
    @server = RealServer.new
    Capybara.app_host = @server.address
  end

  after do |example|
    page.save_screenshot("failed-#{example.description.gsub(/\W+/, '-')[0, 40]}.png") if example.exception
    (page.windows - [page.current_window]).each(&:close)
    visit "about:blank"
    @server.clear
  end
end

# One server with the demo for all examples of a group.
RSpec.shared_context "with the demo" do
  before(:context) do
    @server = RealServer.new("demo")
    Capybara.app_host = @server.address
  end

  after(:context) do
    Capybara.current_session.visit "about:blank"
    @server.clear
  end
end

RSpec.configure do |config|
  config.include Capybara::DSL
  config.include Capybara::RSpecMatchers
  config.include Hands
  config.disable_monkey_patching!
  config.after { expect(complaints).to eq([]) }
end
