# frozen_string_literal: true

require "spec_helper"

# What a step of a person's own does, by its words and the kind of work.
RSpec.describe Core::Planning::Acts do
  { ["Stripping the back", "other"] => "strip", ["Sanded by hand", "other"] => "abrade", ["Drill for knobs", "hardware"] => "drill",
    ["Sawing the legs off", "woodwork"] => "cut", ["Scraping the runners", "cleaning"] => "scrape", ["Planing the edge", "repair"] => "plane",
    ["Levelling the fill", "other"] => "abrade", ["Splitting the top", "woodwork"] => "cut",
    ["Sand it", "sanding"] => "abrade", ["All of it", "sanding"] => "abrade" }.each do |given, act|
    it("reads #{act} in “#{given.first}”, #{given.last}") { expect(described_class.read(*given)).to include(act) }
  end

  [["Tape off two stripes", "painting"], ["Cut in the edges with a brush", "painting"], ["Paint the pine side", "painting"],
   ["Take the picture", "photographing"], ["A sandwich for the helper", "other"]].each do |given|
    it "finds nothing that breaks a finish in “#{given.first}”" do
      expect(described_class.read(*given).select { |key| described_class.fetch(key)[:reach] }).to eq([])
    end
  end
end
