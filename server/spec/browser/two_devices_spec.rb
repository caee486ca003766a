# frozen_string_literal: true

require "vips"
require_relative "bench_helper"

# Two people with a device each, at the same workshop.
RSpec.describe "two devices", type: :feature do
  include_context "with an empty workshop"
  include BenchHands

  let(:other) { Capybara::Session.new(:chromium) }

  after { other.quit }

  it "show each other what they change within some seconds, without anybody loading the page anew" do
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })["id"]
    visit "/pieces/#{chair}"
    expect_key_figures(cash_in: "5.00")
    other.visit("#{@server.address}/pieces/#{chair}")
    expect(other).to have_css("[data-key=cash_in]", text: "5.00")
    other.click_button("Add cost")
    other.within("[role=dialog]") do
      other.find_field("What").send_keys("Wax")
      other.find_field("Amount").send_keys("6")
      other.click_button("Add cost", exact: true)
    end
    expect(other).to have_css("[data-key=cash_in]", text: "11.00")
    expect_key_figures(cash_in: "11.00")
  end

  it "may both note an hour of the same person while out of reach: both are recorded, and somebody says whose it was" do
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })["id"]
    now = Time.now.utc + SpecClock.ahead
    2.times do |number|
      from = now - 3600 - (number * 600)
      send_to(:post, "/work/timed",
              { from: from.iso8601, to: (from + 1800).iso8601, piece_ids: [chair], kind: %w[sanding cleaning][number] })
    end
    visit "/"
    line = find("li", text: "overlapping hours")
    within(line) { find("button", text: "Keep both").click }
    expect(page).to have_text("Both are kept.")
    expect(page).to have_no_text("overlapping hours")
  end

  it "sends a photo of 40 MB small" do
    chair = send_to(:post, "/pieces", { name: "Chair", purchase: "5", bought_on: "2026-05-01" })["id"]
    picture = File.join(@server.home, "large.png")
    Vips::Image.gaussnoise(4600, 3000, mean: 120, sigma: 40).cast(:uchar).bandjoin([100, 90]).write_to_file(picture,
                                                                                                            compression: 0)
    expect(File.size(picture)).to be > 40_000_000
    visit "/pieces/#{chair}"
    find("input[aria-label='Photo of the piece']", visible: :all).set(picture)
    expect(page).to have_text("1 photo added", wait: 60)
    expect(send_to(:get, "/pieces/#{chair}")["photos"].size).to eq(1)
  end
end
