# frozen_string_literal: true

require_relative "browser_helper"

# Each picture: file, address, width, height, scheme, and what is pressed or scrolled to before it is taken.
PICTURES = [
  ["today", "/", 1280, 800, "light"],
  ["floor", "/floor", 1280, 800, "light"],
  ["week", "/week", 1280, 900, "dark"],
  ["shelf", "/shelf", 1280, 800, "light"],
  ["evening", "/evening", 1280, 900, "light"],
  ["piece", "/pieces/34", 1280, 1000, "light"],
  ["price", "/pieces/45/price", 1280, 1000, "light"],
  ["listing", "/pieces/32/listing", 1280, 1500, "light"],
  ["look-over", "/pieces/45/over", 1280, 800, "light"],
  ["look", "/pieces/39/look", 1280, 1000, "light"],
  ["plan", "/pieces/45/plan", 1280, 1000, "light"],
  ["tool", "/tools/pulls?piece=45&old=64", 1280, 1000, "light"],
  ["scout-phone", "/scout/11", 390, 844, "light"],
  ["books", "/books", 1280, 800, "light"],
  ["house-rules", "/rules", 1280, 800, "light"],
  ["what-pays", "/books/pays?by=kind", 1280, 1200, "light"],
  ["bench-phone", "/pieces/38/bench", 390, 844, "dark"],
  ["piece-phone", "/pieces/34", 390, 844, "dark"],
  ["market", "/market", 1280, 900, "light"]
].freeze

server = RealServer.new(template: Templates.demo)
session = Capybara::Session.new(:chromium)
begin
  PICTURES.each do |name, path, width, height, scheme, script|
    session.driver.browser.execute_cdp("Emulation.setDeviceMetricsOverride", width: width, height: height,
                                                                             deviceScaleFactor: 1, mobile: width < 500)
    session.visit("#{server.address}#{path}")
    session.execute_script("localStorage.setItem('mui-mode', '#{scheme}')")
    session.visit("#{server.address}#{path}")
    session.assert_selector("h1")
    session.assert_no_selector("[role=progressbar]")
    session.execute_script(script) if script
    sleep 0.8 # fonts and charts have settled
    session.save_screenshot(File.join(ROOT, "docs/screenshots/#{name}.png"))
  end
ensure
  session.visit("about:blank")
  server.clear
end
