# frozen_string_literal: true

require_relative "browser_helper"

# Another device: served on a second address of this machine, as on a network.
RSpec.describe "a phone on the same network" do
  let(:address) { "127.0.0.2" }

  before do
    @server = RealServer.new("passcode", input: "turnip soup\n")
    @output = @server.restart("serve", "--lan", "--address", address)
    Capybara.app_host = @server.address.sub("127.0.0.1", address)
  end

  after do
    visit "about:blank"
    @server.clear
  end

  it "is announced with a code to scan and a plain warning, and let in by the passcode only" do
    expect(@output).to include("http://#{address}:", "▄", "plain HTTP: whoever shares the network can overhear")
    visit "/"
    type("Passcode", "parsnip")
    press("Look in")
    expect(page).to have_text("That is not the passcode.")
    type("Passcode", "turnip soup")
    press("Look in")
    expect(page).to have_text("Welcome to your workshop")
    cookie = page.driver.browser.manage.cookie_named("kohlrabi_session")
    expect(cookie.values_at(:http_only, :same_site)).to eq([true, "Strict"])
    visit "/scout/new"
    find_field("Kind").send_keys("stool", :tab)
    expect(page).to have_css("[role=status]", text: "No answer yet: no target pay is set")
  end
end
