# frozen_string_literal: true

require "spec_helper"

# Waits by label or common practice; the influence of cold and damp is common practice, no source.
RSpec.describe Core::Bench::Drying do
  def climate(air, humidity) = Core::Bench::Climate.new(air: air, humidity: humidity)
  let(:enamel) { Core::Shelf::Products::GENERIC.fetch("paint_enamel") }

  it "lets a coat go on at 85% exactly, and not above" do
    damp = ->(humidity) { climate(30, humidity).against.grep(/too damp/).size }
    expect([damp.call(85), damp.call(85.1)]).to eq([0, 1])
  end

  it "says when an acrylic enamel is touch dry, sanded and coated again: 30 min, 45 min, 2 h" do
    drying = described_class.new(enamel, wait: 120)
    expect(drying.stages).to eq([[:touch, 30], [:sand, 45], [:recoat, 120], [:handle, 720], [:cure, 21 * 1440]])
    expect([drying.factor, drying.wait, drying.why]).to eq([1, 120, nil])
  end

  it "takes twice as long ten degrees colder, longer in damp air, and never less than the label says" do
    expect(described_class.new(enamel, wait: 120, climate: climate(20, 50)).factor).to eq(1)
    expect(described_class.new(enamel, wait: 120, climate: climate(28, 20)).factor).to eq(1)
    cold = described_class.new(enamel, wait: 120, climate: climate(15, 50))
    expect(cold.factor).to eq(1.41r) # 2^(5 ÷ 10)
    expect(cold.wait).to eq(170)
    expect(cold.why).to eq("takes 41% longer at 15 °C")
    damp = described_class.new(enamel, wait: 120, climate: climate(20, 70))
    expect(damp.factor).to eq(1.3r) # 20 points above 50%, 1.5% each
    expect(damp.stages.to_h).to eq(touch: 39, sand: 59, recoat: 156, handle: 936, cure: 39_312)
    expect(described_class.new(enamel, wait: 1, climate: climate(-10, 95)).factor).to eq(4)
  end

  it "leaves damp out where no water must leave, and names only the next step where no product dries" do
    shellac = Core::Shelf::Products::GENERIC.fetch("primer_shellac")
    expect(described_class.new(shellac, wait: 45, climate: climate(20, 80)).factor).to eq(1)
    expect(described_class.new(nil, wait: 720).stages).to eq([[:next, 720]])
    glue = Core::Shelf::Products::GENERIC.fetch("glue")
    expect(described_class.new(glue, wait: 720).stages).to eq([[:next, 720]]) # glue is not coated again
    expect(described_class.new(enamel, wait: 300).stages).to include([:next, 300])
  end

  it "has a simulated gauge that is warmer in summer and by day, drier when warmer, and the same at the same hour" do
    gauge = Core::Bench::Gauge
    winter = gauge.read(day: 20, hour: 15)
    summer = gauge.read(day: 200, hour: 15)
    night = gauge.read(day: 200, hour: 3)
    expect(winter.air).to be < night.air
    expect(night.air).to be < summer.air
    expect(night.humidity).to be > summer.humidity
    again = gauge.read(day: 200, hour: 15)
    expect([again.air, again.humidity]).to eq([summer.air, summer.humidity])
    (1..366).each { |day| expect(gauge.read(day: day, hour: 6).humidity).to be_between(0, 100) }
  end
end
