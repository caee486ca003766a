# frozen_string_literal: true

require_relative "../support/api_helper"

# The whole workshop in one file, from House rules.
RSpec.describe "a backup from House rules", :api do
  it "is a zip with all that was recorded, under a name with its day" do
    piece(name: "Chest", purchase: "33.33")
    body = call(:get, "/api/archive.zip")
    expect([status, last_response.media_type]).to eq([200, "application/zip"])
    expect(last_response.headers["content-disposition"]).to include("workshop-2026-06-30.zip")
    Zip::File.open_buffer(StringIO.new(body)) do |zip|
      manifest = JSON.parse(zip.read("manifest.json"))
      expect(manifest).to include("format" => "kohlrabi archive", "version" => 1, "made_at" => "2026-06-30T12:00:00Z")
      expect(manifest["tables"]["pieces"]["rows"]).to eq(1)
      expect(zip.read("tables/pieces.jsonl")).to include("Chest")
    end
  end

  it "says whether a copy is there and how old it is" do
    expect(call(:get, "/api/workshop")["backup"]).to eq("latest" => nil, "stale" => true)
    Backups.keep_by_rule(Date.new(2026, 6, 30))
    expect(call(:get, "/api/workshop")["backup"]).to match("latest" => include("iso" => "2026-06-30"), "stale" => false)
    at("2026-07-08T12:00:00Z")
    expect(call(:get, "/api/workshop")["backup"]["stale"]).to be(true)
  ensure
    FileUtils.rm_rf(Backups.folder)
  end
end
