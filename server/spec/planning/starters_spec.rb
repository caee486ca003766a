# frozen_string_literal: true

require_relative "../support/api_helper"

# Looks to begin with, side by side before one is begun.
RSpec.describe "looks to begin with", :api do
  let(:chest) do
    piece(name: "Larch chest", kind: "chest of drawers", drawer_rows: "1,1", width: "900", depth: "450", height: "800",
          bought_on: "2026-06-01", purchase: "30")
  end

  it "plans each for the piece, keeps none, and lays the one that is begun as it was shown" do
    rows = call(:get, "/api/pieces/#{chest}/starter-looks")["rows"]
    expect(rows.map do |row|
      row["name"]
    end).to include("All bare and oiled", "Painted body, stained top", "Painted and distressed")
    expect(call(:get, "/api/pieces/#{chest}/plan")["looks"]).to eq([])
    shown = rows.find { |row| row["key"] == "painted_stained_top" }
    expect(shown["zones"].find { |zone| zone["zone"] == "top" }).to include("finish" => "stain")
    call(:post, "/api/pieces/#{chest}/looks", { name: shown["name"], starter: shown["key"] })
    plan = call(:get, "/api/pieces/#{chest}/plan")
    laid = plan["looks"].first["zones"].to_h { |zone| [zone["zone"], zone["finish"]] }
    expect(shown["zones"].to_h { |zone| [zone["zone"], zone["finish"]] }).to eq(laid.slice(*shown["zones"].map do |zone|
      zone["zone"]
    end))
    # What was said of it before it was begun is what its plan comes to.
    hours = ->(figures) { figures.find { |figure| figure["key"] == "hours_to_come" }["text"] }
    expect(hours.call(shown["figures"])).to eq(hours.call(plan["looks"].first["figures"]))
    expect(plan["plan"]["sessions"].sum { |session| session["time"]["seconds"] }).to be_positive
  end

  it "shows what a look puts on, and refuses one that is not there" do
    call(:post, "/api/pieces/#{chest}/looks", { name: "Worn", starter: "distressed" })
    expect(call(:get,
                "/api/pieces/#{chest}")["drawing"]["planned"]).to include(include("zone" => "top",
                                                                                  "pattern" => "distressed"))
    refused = call(:post, "/api/pieces/#{chest}/looks", { name: "Gold", starter: "gilded" })
    expect(last_response.status).to eq(422)
    expect(refused["detail"]).to include("“gilded” isn't a look to start from")
  end
end
