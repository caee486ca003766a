# frozen_string_literal: true

require_relative "../support/compared_pages"
require_relative "../support/demo_records"
require_relative "../support/random_workshop"

# One truth on every page: work left, what was spent, likely price, pay and recommendation of a piece are the same
# wherever they are shown.
RSpec.describe "what pages say of a piece", :own_data do
  include ApiHelper
  include ComparedPages

  before { at("2026-06-30T12:00:00Z") }

  describe "in the demo" do
    include_context "with the records of the demo"

    it "is the same on all of them" do
      Operations::Support::VersionedCache.forget
      expect(differences).to eq([])
    end
  end

  (ENV["KOHLRABI_LONG"] ? 1..200 : 1..20).each do |seed|
    it "is the same on all of them in a random workshop (seed #{seed})" do
      FreshWorkshop.clear
      RandomWorkshop.new(seed)
      expect(differences).to eq([])
    end
  end
end
