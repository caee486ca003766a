# frozen_string_literal: true

require_relative "browser_helper"

# The application on a phone's home screen, judged by Chromium itself (DevTools protocol), and its shell without a
# connection.
RSpec.describe "the application as installed", type: :feature do
  before do
    @server = RealServer.new
    Capybara.app_host = @server.address
  end

  after do
    visit "about:blank"
    @server.clear
  end

  def ask(command, **given) = page.driver.browser.execute_cdp(command, **given)
  def worker = page.evaluate_async_script("navigator.serviceWorker.ready.then((one) => arguments[0](one.active.state))")

  it "can be installed by the browser's own judgement, with a worker that is awake" do
    visit "/"
    expect(page).to have_text("Welcome to your workshop")
    expect(worker).to include("activat")
    manifest = ask("Page.getAppManifest")
    expect(manifest["errors"]).to eq([])
    expect(JSON.parse(manifest["data"])).to include("display" => "standalone", "id" => "/", "start_url" => "/")
    # A page that was given a size by hand counts as in a window of its own; nothing else may stand in the way.
    errors = ask("Page.getInstallabilityErrors")["installabilityErrors"].map { |one| one["errorId"] }
    expect(errors - ["in-incognito"]).to eq([])
    JSON.parse(manifest["data"])["icons"].each do |icon|
      answer = Net::HTTP.get_response(URI.join(@server.address, icon["src"]))
      expect([answer.code, answer["content-type"]]).to eq(%w[200 image/png])
      expect(answer.body[16, 8].unpack("NN")).to eq(icon["sizes"].split("x").map(&:to_i)) # width and height in a PNG's head
    end
  end

  it "opens its shell where the server is out of reach, says so, and goes on once it is back" do
    visit "/"
    expect(page).to have_text("Welcome to your workshop")
    expect(worker).to include("activat")
    expect(page.evaluate_async_script("caches.keys().then((keys) => arguments[0](keys.length))")).to be_positive
    @server.stop
    visit "/floor"
    expect(page).to have_css("nav[aria-label=Sections]", visible: :all)
    expect(page).to have_text("Not available offline", wait: 40)
    @server.start
    press("Try again")
    expect(page).to have_text("No pieces yet")
    complaints # the refused connections were meant
  end
end
