# frozen_string_literal: true

require "spec_helper"

RSpec.describe Core::Flips::Chain do
  def event(kind, on = nil, **rest)
    Core::Flips::Event.new(kind: kind, on: on && day(on), **rest)
  end

  def chain(*events, bought: "2026-05-01", worked_from: nil)
    described_class.new(bought_on: bought && day(bought), events: events, worked_from: worked_from && day(worked_from))
  end

  it "derives the stage from the events" do
    path = [event(:first_work, "2026-05-02"), event(:ready, "2026-05-05"), event(:listed, "2026-05-06", asking: 9000),
            event(:price_changed, "2026-05-20", asking: 8000), event(:sold, "2026-05-21"), event(:refunded, "2026-06-01")]
    stages = (0..path.size).map { |n| chain(*path.first(n)).stage }
    expect(stages).to eq(["bought", "on the bench", "ready", "listed", "listed", "sold", "sold"])
    expect(%i[kept given_away scrapped].map do |kind|
      chain(event(kind, "2026-05-02")).stage
    end).to eq(["kept", "given away", "scrapped"])
  end

  it "refuses a sale before the purchase and names both dates" do
    expect { chain(event(:sold, "2026-04-30")) }
      .to raise_error(Core::Refusal,
                      "Sold on 30 Apr 2026 is before bought on 1 May 2026. Change one of the dates.")
  end

  it "refuses any earlier event after a later one, across undated ones too" do
    expect { chain(event(:ready), event(:first_work, "2026-05-09"), event(:listed, "2026-05-08")) }
      .to raise_error(Core::Refusal, /Listed on 8 May 2026 is before first work on 9 May 2026\. Change one of the dates/)
  end

  it "refuses two endings, a refund without a sale and a price change without a listing" do
    expect { chain(event(:sold, "2026-05-03"), event(:kept, "2026-05-04")) }
      .to raise_error(Core::Refusal, /both sold on 3 May 2026 and /)
    expect { chain(event(:refunded, "2026-05-03")) }.to raise_error(Core::Refusal, /doesn't fit: the piece isn't sold\. Record the sale first/)
    expect do
      chain(event(:price_changed, "2026-05-03",
                  asking: 1))
    end.to raise_error(Core::Refusal, /doesn't fit: the piece was never listed\. Record when you listed it first/)
  end

  it "takes the latest asking price" do
    listed = event(:listed, "2026-05-06", asking: 9000)
    changes = [event(:price_changed, "2026-05-20", asking: 7000, position: 2),
               event(:price_changed, "2026-05-20", asking: 8000, position: 1)]
    expect(chain(listed, *changes).asking).to eq(7000)
    expect(chain(event(:listed, "2026-05-06")).asking).to be_nil
  end

  it "reads the first work off the hours where nobody recorded it and it fits" do
    expect(chain(worked_from: "2026-05-03").stage).to eq("on the bench")
    expect(chain(event(:ready, "2026-05-05"), worked_from: "2026-05-03").on(:first_work)).to eq(day("2026-05-03"))
    expect(chain(event(:ready, "2026-05-02"), worked_from: "2026-05-03").on(:first_work)).to be_nil
    expect(chain(worked_from: "2026-04-30").first_work_inferred?).to be(false)
  end

  it "holds without any dates, as an old spreadsheet may give them" do
    expect(chain(event(:sold), bought: nil).stage).to eq("sold")
  end
end
