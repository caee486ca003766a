# frozen_string_literal: true

require "spec_helper"

# The sentences a person reads when something cannot stand: what is wrong, and what to do.
RSpec.describe "words of refusal" do
  let(:core) { Core }

  def words
    yield
    nil
  rescue Core::Refusal => e
    e
  end

  def event(kind, on) = core::Flips::Event.new(kind: kind, on: on && day(on))

  def chain(*events) = core::Flips::Chain.new(bought_on: day("2026-05-01"), events: events)

  it "name the field, the problem and the remedy, each a whole sentence" do
    refusals = [
      words { core::Units::MoneyText.parse("-1", currency: core::Units::Currency.find("EUR")) },
      words { core::Units::Length.parse("wide", unit: "in") },
      words { core::Units::Effort.parse("soon") },
      words { core::Units::Calendar.parse("yesterday") },
      words { core::Flips::Shares.split(1, []) },
      words { core::Planning::Shape::PieceShape.parse_rows("x") },
      words { core::Flips::WorkKinds.fetch("dancing") },
      words { core::Units::Currency.find("??") },
      words { chain(event(:sold, "2026-04-01")) }
    ]
    expect(refusals).to all(be_a(core::Refusal))
    expect(refusals.flat_map { |refusal| [refusal.problem, refusal.remedy] }).to all(match(/\A[A-Z“].*\.\z/))
  end

  it "tell each impossible pair of dates apart" do
    pairs = core::Flips::Event::RANKS.except(:bought, :price_changed, :refunded).keys.to_h do |kind|
      [kind, words { chain(event(kind, "2026-04-30")) }.message]
    end
    expect(pairs[:ready]).to eq("Ready on 30 Apr 2026 is before bought on 1 May 2026. Change one of the dates.")
    expect(pairs.values).to all(include("30 Apr 2026").and(include("1 May 2026")))
    expect(pairs.values.uniq.size).to eq(pairs.size)
  end

  it "can be said of another field" do
    refusal = core::Refusal.new(:is_empty).at(:name)
    expect([refusal.field, refusal.message]).to eq([:name, "This is empty. Fill it in."])
  end

  it "refuse an event that the core does not know" do
    expect { event(:stolen, "2026-05-01") }.to raise_error(KeyError)
    expect(event(:sold, nil).text).to eq("Sold (date unknown)")
  end
end
