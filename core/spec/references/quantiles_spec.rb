# frozen_string_literal: true

require "spec_helper"

# Type 7 of Hyndman and Fan (1996). Quartiles of 1..10 by type 7 are 3.25, 5.5 and 7.75, the default of the R
# language's quantile() (from memory).
RSpec.describe Core::Statistics::Quantiles do
  it "gives the published quartiles of one to ten" do
    expect(described_class.summary((1..10).to_a)).to eq(lower: 13/4r, median: 11/2r, upper: 31/4r, n: 10)
  end

  it "is undefined without values and the value itself with one" do
    expect(described_class.summary([])[:median]).to be_nil
    expect(described_class.at([7], 1/4r)).to eq(7)
  end
end
