# frozen_string_literal: true

require_relative "../server_helper"
require_relative "../support/areas"

# The plan of the house (docs/ARCHITECTURE.md): what may use what.
RSpec.describe "the areas", :own_data do
  order = %w[units statistics house flips shelf planning bench market scout tools books]

  # Areas of the operations that use each other, with the reason. None may be added; whoever takes one away takes it off
  # here.
  known = { "bench, planning" => "a tick starts drying clocks; the schedule is made of plans",
            "flips, market" => "a listing or a sale knows its channel's fee, and lists show what the market pays; market reads flips",
            "flips, planning" => "an event settles open steps, and what is to come of a flip is its plan's; a plan knows what was recorded",
            "flips, scout" => "a lot takes in pieces that were spotted; spotting counts what is in hand",
            "flips, shelf" => "a cost may be something taken from the shelf, and a draw is a cost of a flip",
            "planning, shelf" => "a plan takes products from the shelf; the shelf knows what plans still need" }

  it "form one order in the core: none uses one that comes after it" do
    uses = Areas.new(File.join(ROOT, "core/lib/kohlrabi/core"), "Core").uses
    expect(uses.keys).to include("flips", "tools", "books")
    expect(uses.keys + uses.values.flat_map(&:keys)).to all(be_in(order))
    backward = uses.flat_map do |area, others|
      others.filter_map do |other, files|
        [area, other, files] if order.index(other) > order.index(area)
      end
    end
    expect(backward).to eq([])
  end

  it "use each other in the operations in no new way" do
    expect(Areas.new(File.join(ROOT, "server/lib/kohlrabi/operations"), "Operations").circles).to eq(known.keys)
  end

  def be_in(list) = satisfy("be one of #{list.join(', ')}") { |one| list.include?(one) }
end
