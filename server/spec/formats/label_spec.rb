# frozen_string_literal: true

require "open3"
require "vips"
require_relative "../support/api_helper"

# jsQR, asked over standard input: RGBA in, text out.
module QrReader
  SCRIPT = <<~JS
    const jsQR = require("jsqr"), [width, height] = process.argv.slice(1).map(Number), chunks = [];
    process.stdin.on("data", (chunk) => chunks.push(chunk)).on("end", () => {
      const read = jsQR(new Uint8ClampedArray(Buffer.concat(chunks)), width, height);
      process.stdout.write(read ? read.data : "nothing");
    });
  JS

  extend self

  # picture: Vips::Image in sRGB with alpha. Returns what its QR code says, or "nothing".
  def read(picture)
    Open3.capture2("node", "-e", SCRIPT, picture.width.to_s, picture.height.to_s, stdin_data: picture.write_to_memory, binmode: true,
                                                                                  chdir: File.join(ROOT, "web")).first
  end
end

# Tickets. Their QR codes are drawn on paper by us and read back by jsQR, a reader of its own.
RSpec.describe "tickets to print", :api do
  before { Network.shared_at = "https://192.168.1.7:4646" }
  after { Network.shared_at = nil }

  # What a phone's camera would read off the printed page.
  def scan(pdf)
    QrReader.read(Vips::Image.pdfload_buffer(pdf, dpi: 150).flatten(background: 255).colourspace(:srgb).bandjoin(255))
  end

  it "leads a phone to the page of a piece, of its parts, of a tin" do
    id = piece(name: "Bench with a very long name that has to fit beside its code", kind: "hall bench")
    tin = call(:post, "/api/containers",
               { product: "paint_all", size: "500 ml", paid: "25", place: "shed" })["ids"].first
    expect(scan(call(:get, "/api/pieces/#{id}/label"))).to eq("https://192.168.1.7:4646/pieces/#{id}")
    expect(scan(call(:get, "/api/pieces/#{id}/parts/label"))).to eq("https://192.168.1.7:4646/pieces/#{id}/parts")
    expect(scan(call(:get, "/api/containers/#{tin}/label"))).to eq("https://192.168.1.7:4646/shelf?tin=#{tin}")
  end

  it "leads to the address by which the page was opened, where that is not this machine's own" do
    @app = Api::Stack.build(hosts: ["127.0.0.1", "kohl.local"])
    id = piece
    ticket = call(:get, "/api/pieces/#{id}/label", nil, { "HTTP_HOST" => "kohl.local:4646" })
    expect(scan(ticket)).to eq("http://kohl.local:4646/pieces/#{id}")
  end

  it "stands without a code, and says why, where no other device can open it; there is none of what is not there" do
    Network.shared_at = nil
    expect(scan(call(:get, "/api/pieces/#{piece}/label"))).to eq("nothing")
    expect(call(:get, "/api/pieces/99/label")["detail"]).to include("no piece 99")
    expect(status).to eq(404)
  end
end
