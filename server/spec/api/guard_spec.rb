# frozen_string_literal: true

require_relative "../support/api_helper"

RSpec.describe "what the server stands" do
  def problem(code, words)
    expect(last_response.content_type).to start_with("application/problem+json")
    expect(last_response.body).not_to match(%r{\.rb:\d+|lib/})
    expect([status, JSON.parse(last_response.body)["detail"]]).to match([code, words])
  end

  it "refuses a foreign Host and a foreign Origin, reading or writing" do
    call(:get, "/api/books", nil, { "HTTP_HOST" => "elsewhere.example" })
    problem(403, /does not answer under this name/)
    call(:get, "/api/books", nil, { "HTTP_ORIGIN" => "http://elsewhere.example" })
    problem(403, /another site/)
    call(:post, "/api/pieces", { name: "A" }, { "HTTP_ORIGIN" => "null" })
    problem(403, /another site/)
    call(:get, "/api/books", nil, { "HTTP_SEC_FETCH_SITE" => "cross-site", "HTTP_SEC_FETCH_MODE" => "no-cors" })
    problem(403, /another site/)
    call(:post, "/api/pieces", { name: "A" }, { "HTTP_ORIGIN" => "http://127.0.0.1" })
    expect(status).to eq(201)
  end

  it "refuses a body of 10 MB before parsing it" do
    call(:post, "/api/pieces", JSON.generate(name: "x" * 10_000_000))
    problem(413, /larger than 1 MB/)
  end

  it "refuses malformed JSON, unknown fields, wrong types and missing fields, naming them" do
    call(:post, "/api/pieces", '{"name": "A"')
    problem(400, /isn't valid JSON/)
    call(:post, "/api/pieces", { name: "A", price: "5" })
    problem(400, /Unknown: price/)
    call(:post, "/api/pieces", { name: 5 })
    problem(400, /name: expected string/)
    call(:post, "/api/costs", { what: "Oil" })
    problem(400, /amount, pieces/)
    call(:post, "/api/pieces", "[]")
    expect(status).to eq(400)
  end

  it "answers an unknown id, address and kind plainly" do
    call(:get, "/api/pieces/4711")
    problem(404, /no piece 4711 here/)
    %w[/api/costs/9 /api/work/9 /api/events/9].each do |path|
      call(:patch, path, {})
      problem(404, /may have been removed/)
    end
    call(:get, "/api/pieces/abc")
    problem(400, /integer/)
    get "/api/nothing", {}, { "HTTP_HOST" => "127.0.0.1" }
    problem(404, /nothing at this address/)
  end

  it "sends a strict policy with nothing inline from elsewhere" do
    get "/api/today", {}, { "HTTP_HOST" => "127.0.0.1" }
    policy = last_response.headers["content-security-policy"]
    expect(policy).to include("default-src 'none'", "script-src 'self';").and(satisfy { |text|
      !text.include?("unsafe") && !text.include?("http")
    })
    expect(last_response.headers).to include("x-content-type-options" => "nosniff", "referrer-policy" => "no-referrer")
  end

  it "gives the one page for every address of the interface, with this answer's nonce, and no page for a missing file" do
    Dir.mktmpdir do |folder|
      stub_const("Api::Routes::Pages::PUBLIC", folder)
      get "/floor", {}, { "HTTP_HOST" => "127.0.0.1" }
      expect([status, last_response.body]).to match([503, /isn't built/])
      File.write(File.join(folder, "index.html"), '<meta nonce="__NONCE__">')
      nonces = Array.new(2) do
        get "/pieces/5", {}, { "HTTP_HOST" => "127.0.0.1" }
        last_response.body[/nonce="([^"]+)"/, 1].tap do |nonce|
          expect(last_response.headers["content-security-policy"]).to include("'nonce-#{nonce}'")
        end
      end
      expect(nonces.uniq.size).to eq(2)
      get "/assets/gone.js", {}, { "HTTP_HOST" => "127.0.0.1" }
      expect(status).to eq(404)
    end
  end

  it "says so without a stack trace when something breaks" do
    allow(Operations::Bench::Today).to receive(:answer).and_raise("a fault of ours")
    expect { call(:get, "/api/today") }.to output(/a fault of ours/).to_stderr
    problem(500, /see whether your change was saved/)
  end

  it "keeps every answer to the contract: no operation is without a spec" do
    specs = Dir[File.join(__dir__, "../**/*.rb")].map { |file| File.read(file) }.join
    Api::Contract.schema.open_api.raw_schema["paths"].each do |path, operations|
      operations.each_key do |method|
        pattern = path.gsub(/\{\w+\}/, "[^/\"]+").sub("/pieces/[^/\"]+/events", "/pieces/[^\"]+/events")
        expect(specs.match?(/call\(\s*:#{method},\s+"#{pattern}["?#]/)).to be(true), "#{method} #{path} is never called"
      end
    end
  end
end
