# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Bench::ForgottenTimer do
  def stop(now, **rest) = described_class.stop_at(started: 0, now: now, **rest)

  it "notices a timer that runs twice as long as estimated, at least an hour, and proposes the estimate" do
    expect(stop(59, estimate: 20)).to be_nil
    expect(stop(60, estimate: 20)).to eq([20, "as long as planned"])
    expect(stop(170, estimate: 90)).to be_nil
    expect(stop(180, estimate: 90)).to eq([90, "as long as planned"])
  end

  it "notices any timer after four hours, and proposes the end of its session, else four hours" do
    expect(stop(239)).to be_nil
    expect(stop(300, session: 95)).to eq([95, "the end of the session"])
    expect(stop(300)).to eq([240, "4 hours on one thing"])
    expect(stop(300, session: 400)).to eq([240, "4 hours on one thing"])
  end
end
