# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "other devices", :api do
  let(:desk) { Operations::House::Access }

  before do
    desk.passcode = "turnip soup"
    @app = Api::Stack.build(hosts: ["127.0.0.1", "192.168.7.20"], passcode: true)
  end

  def enter(text, from: "192.168.7.31") = call(:post, "/api/session", { passcode: text }, { "REMOTE_ADDR" => from })
  def workshop = call(:get, "/api/workshop")

  it "sees nothing without the passcode, and the page that asks for it" do
    ["/api/workshop", "/api/pieces", "/photos/#{'0' * 64}.jpg", "/api//workshop", "/%61pi/workshop"].each do |path|
      get(path, {}, { "HTTP_HOST" => "127.0.0.1" })
      expect(last_response.status).to eq(path == "/api/workshop" ? 401 : last_response.status)
      expect([401, 404]).to include(last_response.status), path
      expect(last_response.body).not_to include("currency")
    end
    get("/", {}, { "HTTP_HOST" => "127.0.0.1" })
    expect(last_response.status).not_to eq(401)
  end

  it "is let in by the passcode with a cookie that scripts and other sites cannot use" do
    enter("turnip soup")
    cookie = last_response.headers["set-cookie"].downcase
    expect(cookie).to include("httponly", "samesite=strict", "path=/", "max-age=2592000")
    expect(workshop).to include("currency")
    token = cookie[/kohlrabi_session=([^;]+)/, 1]
    expect(Records::Session.pluck(:fingerprint)).not_to include(token)
    call(:delete, "/api/session")
    workshop
    expect(status).to eq(401)
  end

  it "marks the cookie secure behind a certificate" do
    call(:post, "/api/session", { passcode: "turnip soup" }, { "HTTPS" => "on", "rack.url_scheme" => "https" })
    expect(last_response.headers["set-cookie"].downcase).to include("secure")
  end

  it "hears five wrong passcodes from an address, then none for a while, the right one included" do
    5.times { enter("parsnip") }
    expect(status).to eq(401)
    expect([enter("turnip soup")["detail"], status]).to eq(["Too many wrong passcodes. Try again in 5 min.", 429])
    expect(last_response.headers["retry-after"]).to eq("300")
    enter("turnip soup", from: "192.168.7.99")
    expect(status).to eq(200)
    at("2026-06-30T12:05:01Z")
    enter("turnip soup")
    expect(status).to eq(200)
  end

  it "hears no more for all of five minutes, and one right passcode clears only its own address" do
    4.times { enter("parsnip") }
    enter("turnip soup", from: "192.168.7.99")
    enter("parsnip")
    at("2026-06-30T12:04:59Z")
    enter("turnip soup")
    expect(status).to eq(429)
  end

  it "takes a passcode of eight characters, and none that only begins with one of seventy-two bytes" do
    expect { desk.passcode = "turnips" }.to raise_error(Core::Refusal, /shorter than 8/)
    desk.passcode = "turnips!"
    enter("turnips!")
    expect(status).to eq(200)
    desk.passcode = "t" * 72
    enter("#{'t' * 72}x")
    expect(status).to eq(401)
  end

  it "is not fooled by a header that names another address" do
    5.times do |i|
      call(:post, "/api/session", { passcode: "parsnip" },
           { "REMOTE_ADDR" => "192.168.7.31", "HTTP_X_FORWARDED_FOR" => "10.0.0.#{i}" })
    end
    call(:post, "/api/session", { passcode: "turnip soup" },
         { "REMOTE_ADDR" => "192.168.7.31", "HTTP_X_FORWARDED_FOR" => "10.0.0.99" })
    expect(status).to eq(429)
  end

  it "lets nobody lock the others out: after twenty wrong ones in all each address has one try a minute" do
    20.times { |i| enter("parsnip", from: "192.168.7.#{i}") }
    enter("parsnip", from: "192.168.7.200")
    expect(status).to eq(401)
    expect([enter("turnip soup", from: "192.168.7.200")["detail"],
            status]).to eq(["Too many wrong passcodes. Try again in 1 min.", 429])
    enter("turnip soup", from: "192.168.7.201")
    expect(status).to eq(200)
    at("2026-06-30T12:01:01Z")
    enter("turnip soup", from: "192.168.7.200")
    expect(status).to eq(200)
  end

  it "ends sessions after 30 days, and all of them with a new passcode" do
    enter("turnip soup")
    at("2026-07-31T12:00:00Z")
    workshop
    expect(status).to eq(401)
    enter("turnip soup")
    desk.passcode = "another soup"
    workshop
    expect(status).to eq(401)
  end

  # Forty threads, as a program that guesses would: a try is counted before it is looked at.
  it "hears no more than five of forty at once, and forgets none in a restart" do
    answers = Array.new(40) { Thread.new { Records::Base.connection_pool.with_connection { heard? } } }.map(&:value)
    expect(answers.count(true)).to eq(5)
    @app = Api::Stack.build(hosts: ["127.0.0.1", "192.168.7.20"], passcode: true)
    enter("turnip soup", from: "192.168.7.77")
    expect(status).to eq(429)
  end

  def heard?
    desk.enter("parsnip", from: "192.168.7.77").nil?
  rescue desk::TooMany
    false
  end

  it "takes a passcode with what nobody can type for a wrong one, and lets nobody set it" do
    enter("turnip\0soup")
    expect(status).to eq(401)
    expect { desk.passcode = "turnip\0soup" }.to raise_error(Core::Refusal, /you can't type/)
  end

  it "says who is let in, and signs one device out, or all of them" do
    enter("turnip soup")
    phone = last_response.headers["set-cookie"][/kohlrabi_session=([^;]+)/, 1]
    clear_cookies
    enter("turnip soup", from: "192.168.7.32")
    expect(call(:get, "/api/session")).to eq("passcode" => true, "devices" => 2, "here" => true)
    call(:delete, "/api/session")
    expect([desk.devices, desk.known?(phone)]).to eq([1, true])
    enter("turnip soup", from: "192.168.7.32")
    expect(call(:delete, "/api/sessions")).to eq("ended" => 2)
    workshop
    expect([status, desk.known?(phone)]).to eq([401, false])
  end

  it "answers only under the addresses it announced" do
    get("/api/workshop", {}, { "HTTP_HOST" => "192.168.7.20:4646" })
    expect(last_response.status).to eq(401)
    get("/api/workshop", {}, { "HTTP_HOST" => "kohlrabi.example" })
    expect(last_response.status).to eq(403)
  end

  it "keeps only what bcrypt makes of a passcode of 8 to 72 bytes" do
    BCrypt::Engine.cost = BCrypt::Engine::DEFAULT_COST # specs take the lowest
    desk.passcode = "turnip soup"
    expect(Records::Passcode.pluck(:digest)).to contain_exactly(a_string_matching(/\A\$2a\$1[2-9]\$/))
    expect { desk.passcode = "sevenxx" }.to raise_error(Core::Refusal, /shorter than 8/)
    expect { desk.passcode = "x" * 73 }.to raise_error(Core::Refusal, /longer than 72/)
    expect(desk.enter("turnip soup", from: "x")).to be_a(String)
  ensure
    BCrypt::Engine.cost = BCrypt::Engine::MIN_COST
  end
end
