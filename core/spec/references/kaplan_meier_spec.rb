# frozen_string_literal: true

require "spec_helper"

# Kaplan and Meier on the published remission data, 6-MP arm (Freireich et al., Blood 21, 1963; as worked in the
# textbooks; from memory).
RSpec.describe "Kaplan–Meier on the remission data" do
  market = Core::Market
  sold = [6, 6, 6, 7, 10, 13, 16, 22, 23]
  censored = [6, 9, 10, 11, 17, 19, 20, 25, 32, 32, 34, 35]
  spells = sold.map do |days|
    market::Survival::Spell.new(days: days,
                                sold: true)
  end + censored.map { |days| market::Survival::Spell.new(days: days, sold: false) }
  survival = market::Survival.new(spells.shuffle(random: Random.new(3)))

  { 6 => 0.857, 7 => 0.807, 10 => 0.753, 13 => 0.690, 16 => 0.627, 22 => 0.538, 23 => 0.448 }.each do |week, share|
    it "has S(#{week}) = #{share}" do
      expect(survival.at(week).to_f).to be_within(0.0005).of(share)
    end
  end

  it "has its lower quartile at 13 and its median at 23; three quarters are not reached" do
    expect([survival.quantile(1/4r), survival.median, survival.quantile(3/4r)]).to eq([13, 23, nil])
    expect([survival.count, survival.sold, survival.longest]).to eq([21, 9, 35])
    expect(survival.text).to eq("Half of 21 sold within 3 weeks (a quarter within 13 days).")
  end

  it "counts those at risk as published: 21, 17, 15, 12, 11, 7, 6" do
    expect(survival.steps.map(&:standing)).to eq([21, 17, 15, 12, 11, 7, 6])
  end
end
