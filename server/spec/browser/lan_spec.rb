# frozen_string_literal: true

require "net/http"
require_relative "browser_helper"

# Another device: served on a second address of this machine, as on a network.
RSpec.describe "a phone on the same network" do
  let(:address) { "127.0.0.2" }
  let(:authority) { File.join(@server.home, "tls", "authority.pem") }

  before { @server = RealServer.new("passcode", input: "turnip soup\n") }

  after do
    visit "about:blank"
    @server.clear
  end

  def port = URI(@server.address).port
  def serve(*options) = @output = @server.restart("serve", "--lan", "--address", address, *options)

  # A browser that trusts what is in a store of its own, and nothing more than usual. trusting: PEM file or nil.
  def browser(trusting: nil)
    Dir.mktmpdir("kohlrabi-home") do |home|
      store = File.join(home, ".pki/nssdb")
      FileUtils.mkdir_p(store)
      system("certutil", "-N", "-d", "sql:#{store}", "--empty-password", exception: true)
      if trusting
        system("certutil", "-A", "-d", "sql:#{store}", "-n", "house", "-t", "C,,", "-i", trusting,
               exception: true)
      end
      before = Dir.home
      ENV["HOME"] = home
      session = Capybara::Session.new(:chromium)
      session.visit("about:blank") # starts it, with that home
      ENV["HOME"] = before
      yield session
    ensure
      session&.quit
    end
  end

  def let_in(session)
    session.fill_in("Passcode", with: "parsnip")
    session.click_button("Open workshop")
    expect(session).to have_text("That isn't the passcode.")
    session.fill_in("Passcode", with: "turnip soup")
    session.click_button("Open workshop")
    expect(session).to have_text("Welcome to your workshop")
  end

  it "is encrypted from the start: let in where the house is trusted, refused where it is not", :aggregate_failures do
    serve
    expect(@output).to include("https://#{address}:#{port}/", "http://#{address}:#{port + 1}/", "▄", "Fingerprint (SHA-256)",
                               "fixed address")
    browser(trusting: authority) do |session|
      session.visit("https://#{address}:#{port}/")
      let_in(session)
      cookie = session.driver.browser.manage.cookie_named("kohlrabi_session")
      expect(cookie.values_at(:http_only, :same_site, :secure)).to eq([true, "Strict", true])
      session.visit("https://#{address}:#{port}/scout/new")
      session.find_field("Kind").send_keys("stool", :tab)
      expect(session).to have_css("[role=status]", text: "No answer yet: your target pay isn't set")
    end
    browser do |session|
      session.visit("https://#{address}:#{port}/")
      expect(session).to have_text("ERR_CERT_AUTHORITY_INVALID")
    end
  end

  it "leads a device to trust the house, with the fingerprint to compare as a step of its own" do
    serve
    browser do |session|
      session.visit("http://#{address}:#{port + 1}/")
      expect(session).to have_css("h2", count: 3)
      expect(session).to be_axe_clean
      session.click_link("Check the fingerprint")
      shown = session.find(".print").text.split
      printed = @output[/to check on each device:\n(.*?)Give this computer/m, 1].split
      expect([shown.size, shown]).to eq([16, printed])
      expect(session.find_link("They match. Open the workshop")[:href]).to eq("https://#{address}:#{port}/")
    end
    answer = Net::HTTP.get_response(URI("http://#{address}:#{port + 1}/kohlrabi-house.crt"))
    expect(OpenSSL::X509::Certificate.new(answer.body)).to eq(OpenSSL::X509::Certificate.new(File.read(authority)))
    expect(Net::HTTP.get_response(URI("http://#{address}:#{port + 1}/api/workshop")).code).to eq("404")
    foreign = Net::HTTP.start(address, port + 1) { |http| http.get("/", "Host" => "shop.example.com") }
    expect(foreign.code).to eq("403")
  end

  it "speaks no old TLS and no plain HTTP to other devices, and keeps its port", :aggregate_failures do
    serve
    talk = lambda do |version|
      http = Net::HTTP.new(address, port)
      http.use_ssl = true
      http.ca_file = authority
      http.min_version = http.max_version = version
      http.ciphers = "ALL:@SECLEVEL=0" if version == OpenSSL::SSL::TLS1_1_VERSION
      http.get("/favicon.svg").code
    rescue OpenSSL::SSL::SSLError
      "refused"
    end
    expect([OpenSSL::SSL::TLS1_1_VERSION, OpenSSL::SSL::TLS1_2_VERSION,
            OpenSSL::SSL::TLS1_3_VERSION].map(&talk)).to eq(%w[refused 200 200])
    plain = -> { Net::HTTP.start(address, port, read_timeout: 3, max_retries: 0) { |http| http.get("/favicon.svg").code } }
    expect(&plain).to raise_error(StandardError)
    _, errors, status = Open3.capture3(@server.environment.merge("KOHLRABI_HOME" => "#{@server.home}-other"), *@server.program, "serve", "--lan",
                                       "--address", address, "--port", port.to_s, stdin_data: "turnip soup\n")
    expect([status.exitstatus, errors]).to match([1, /Port #{port} is in use\. .*Devices keep the address/])
  end

  it "is plain only by an option that says what that means" do
    serve("--plain-http-that-anybody-on-the-network-can-read")
    expect(@output).to include("http://#{address}:", "▄", "This connection isn't encrypted: anyone on the network can read")
    expect(File.exist?(authority)).to be(false)
    Capybara.app_host = @server.address.sub("127.0.0.1", address)
    visit "/"
    let_in(page)
    cookie = page.driver.browser.manage.cookie_named("kohlrabi_session")
    expect(cookie.values_at(:http_only, :same_site)).to eq([true, "Strict"])
  end

  # Waiting to sync on the device of a session, put there as the interface does.
  # refused: that it was set aside, and does not go out by itself.
  def put_waiting(session, number, refused: false)
    session.evaluate_async_script(<<~JS, number, refused)
      const [number, refused, done] = arguments, opening = indexedDB.open("kohlrabi");
      opening.onsuccess = () => {
        const writing = opening.result.transaction("outbox", "readwrite");
        writing.oncomplete = () => { opening.result.close(); done(); };
        writing.objectStore("outbox").add({
          workshop: localStorage.getItem("kohlrabi workshop"), reference: `reference-${number}`, key: `key-number-${number}`,
          happenedAt: new Date().toISOString(), url: "/api/prospects", type: "application/json", names: [],
          ...(refused ? { refused: { type: "about:blank", title: "Not saved", status: 422, detail: "No.", errors: [] } } : {}),
          what: `Spotted: stool ${number}`, body: JSON.stringify({ kind: "stool", condition: "worn", tag: String(number) })
        });
      };
    JS
  end

  it "holds what waits where the passcode was changed meanwhile, tells it once it is given" do
    serve("--plain-http-that-anybody-on-the-network-can-read")
    Capybara.app_host = @server.address.sub("127.0.0.1", address)
    visit "/"
    let_in(page)
    put_waiting(page, 12)
    IO.popen([@server.environment, *@server.program, "passcode"], "r+") do |io|
      io.write("parsnip stew\n") && io.close_write && io.read
    end
    visit "/scout"
    expect(page).to have_field("Passcode")
    fill_in "Passcode", with: "parsnip stew"
    press("Open workshop")
    expect(page).to have_text("1 change synced")
    expect(page).to have_css("a", text: "Stool", match: :first)
    complaints # the questions that were answered 401
  end

  it "asks before signing out throws away what waits, and clears the device" do
    serve("--plain-http-that-anybody-on-the-network-can-read")
    Capybara.app_host = @server.address.sub("127.0.0.1", address)
    visit "/"
    let_in(page)
    visit "/rules"
    expect(page).to have_button("Sign out")
    put_waiting(page, 14, refused: true)
    page.execute_script("new BroadcastChannel('kohlrabi outbox').postMessage('changed')")
    expect(page).to have_css("[data-reach]", text: "1 change needs fixing")
    press("Sign out")
    expect(page).to have_text("1 change hasn't synced on this device. Signing out discards them.")
    press("Sign out anyway")
    expect(page).to have_field("Passcode")
    kept = "const done = arguments[0], opening = indexedDB.open('kohlrabi'); opening.onsuccess = () => { " \
           "const all = opening.result.transaction('outbox').objectStore('outbox').count(); all.onsuccess = () => done(all.result) }"
    expect(page.evaluate_async_script(kept)).to eq(0)
    expect(page.evaluate_script("localStorage.getItem('kohlrabi workshop')")).to be_nil
  end
end
