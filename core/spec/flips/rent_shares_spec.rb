# frozen_string_literal: true

# The rent of a place by days, worked by hand beside each.
RSpec.describe Core::Flips::RentShares do
  def stay(id, from, to) = described_class::Tenancy.new(id: id, from: Date.iso8601(from), to: to && Date.iso8601(to))

  def shares(*stays, rent: 6000, rents: [["1900-01-01", rent]], ended: nil)
    described_class.new(stays, rents: rents.map do |from, minor|
      [Date.iso8601(from), minor]
    end, ended: ended && Date.iso8601(ended),
                               today: Date.new(2026, 6, 30))
  end

  it "charges 60.00 over 30, 15 and 15 days as 30.00, 15.00 and 15.00" do
    found = shares(stay(1, "2026-04-01", "2026-05-01"), stay(2, "2026-04-01", "2026-04-16"), stay(3, "2026-04-16", nil))
    expect(found.month(Date.new(2026, 4, 1))).to eq(1 => 3000, 2 => 1500, 3 => 1500)
    expect([found.of(1), found.of(2)]).to eq([3000, 1500])
    # Alone there in May and June.
    expect(found.of(3)).to eq(1500 + 6000 + 6000)
  end

  it "counts the arrival day and not the leaving one, at least one day, and adds up to the rent" do
    found = shares(stay(1, "2026-04-10", "2026-04-10"), stay(2, "2026-04-10", "2026-04-12"), rent: 1000)
    expect(found.month(Date.new(2026, 4, 1))).to eq(1 => 333, 2 => 667)
    random = Random.new(4)
    30.times do
      stays = Array.new(random.rand(1..6)) do |id|
        from = Date.new(2026, 1, 1) + random.rand(90)
        stay(id, from.iso8601, (from + random.rand(60)).iso8601)
      end
      all = shares(*stays, rent: random.rand(1..9999))
      months = (1..6).map { |month| all.month(Date.new(2026, month, 1)) }.reject(&:empty?)
      expect(stays.sum { |one| all.of(one.id) }).to eq(months.sum { |month| month.values.sum })
      expect(months.map { |month| month.values.sum }.uniq.size).to eq(1)
    end
  end

  # Worked by hand: 60.00 in March and April, 90.00 from May; given up in June, July costs nothing.
  it "charges the rent that holds on the first of a month, or the first that begins in it, until the place is given up" do
    found = shares(stay(1, "2026-03-01", nil), rents: [["2026-03-10", 6000], ["2026-05-01", 9000]], ended: "2026-06-05")
    months = (2..7).map { |month| found.rent(Date.new(2026, month, 1)) }
    expect(months).to eq([0, 6000, 6000, 9000, 9000, 0])
    expect(found.of(1)).to eq(6000 + 6000 + 9000 + 9000)
  end

  it "charges nothing for what never stood there" do
    expect(shares(stay(1, "2026-04-10", nil)).of(9)).to eq(0)
    expect(shares.month(Date.new(2026, 4, 1))).to eq({})
  end
end
