# frozen_string_literal: true

require "spec_helper"

# Intervals of whole seconds; the cases are those of Allen's interval algebra (Allen 1983, "Maintaining knowledge
# about temporal intervals", Communications of the ACM 26: before, meets, overlaps, starts, during, finishes, equals).
RSpec.describe Core::Bench::Overlap do
  def shared(one, other) = described_class.seconds(one, other)

  it "finds what two stretches share, whichever comes first" do
    {
      [[0, 600], [900, 1200]] => 0, # before
      [[0, 600], [600, 900]] => 0, # meets
      [[0, 600], [300, 900]] => 300, # overlaps
      [[0, 600], [0, 300]] => 300, # is started by
      [[0, 900], [300, 600]] => 300, # contains
      [[0, 600], [300, 600]] => 300, # is finished by
      [[0, 600], [0, 600]] => 600 # equals
    }.each do |(one, other), seconds|
      expect([shared(one, other), shared(other, one)]).to eq([seconds, seconds])
    end
  end

  it "takes less than a minute for rounding" do
    expect([shared([0, 600], [541, 900]), shared([0, 600], [540, 900])]).to eq([0, 60])
  end

  it "leaves the longer end of a stretch without the other, or nothing" do
    expect(described_class.without([0, 900], [300, 500])).to eq([500, 900])
    expect(described_class.without([0, 900], [600, 1200])).to eq([0, 600])
    expect(described_class.without([300, 600], [0, 900])).to be_nil
    expect(described_class.without([0, 900], [30, 870])).to be_nil
  end
end
