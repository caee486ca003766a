# frozen_string_literal: true

require_relative "format_helper"

# Backup and restore as a person calls them.
RSpec.describe "bin/kohlrabi backup and restore", :own_data do
  include_context "with a home of its own"

  def report = JSON.parse(run("report", "--json").first)
  def data = Dir[File.join(@home, "*")].map { |path| File.basename(path) }

  before do
    path = File.join(@home, "flips.csv")
    File.write(path,
               "name,kind,bought_on,purchase,hours,sold_on,sale_price\nHall bench,bench,2025-01-10,20.10,3.33,2025-02-10,100.05\n")
    run("import", path)
  end

  it "brings the same report back to the cent, and keeps what was there before" do
    before = report
    zip = File.join(@home, "all.zip")
    output, _, status = run("backup", zip)
    expect([status.success?, output]).to match([true, /1 flips and 0 photos. Keep a copy on another device/])
    File.write(File.join(@home, "more.csv"), "name,purchase\nLate stool,5\n")
    expect(run("import", File.join(@home, "more.csv")).first).to include("1 flip imported")
    output, errors, status = run("restore", zip)
    expect([status.success?, output,
            errors]).to match([true, /Restored: 1 flips. The old workshop is kept as .*before-restore/, ""])
    expect(report).to eq(before)
    expect(data.grep(/before-restore/).size).to eq(1)
  end

  it "refuses what is no archive, says why, and changes nothing" do
    before = report
    [["flips.csv", /This isn't a workshop's backup, or it's damaged/], ["nothing.zip", /There's no file/]].each do |name, why|
      _, errors, status = run("restore", File.join(@home, name))
      expect([status.success?, errors]).to match([false, why])
    end
    _, errors, status = run("backup", File.join(@home, "no/such/folder/all.zip"))
    expect([status.success?, errors]).to match([false, /can't be written/])
    expect(report).to eq(before)
    expect(data.grep(/restor|part/)).to eq([])
  end
end
