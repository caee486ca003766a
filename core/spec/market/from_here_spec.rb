# frozen_string_literal: true

# What pays from here on, by hand.
RSpec.describe Core::Market::FromHere do
  def piece(id, **rest)
    described_class::Piece.new(id: id, stage: "on the bench", finish: 200_00, as_is: 80_00, seconds: 6 * 3600, **rest)
  end

  def rows(*pieces, floor: 8_00, target: 15_00)
    described_class.new(pieces, text: Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR")), floor: floor, target: target).rows
  end

  it "ranks by what the hours to come earn over selling it as it stands" do
    # (200 − 80) ÷ 6 h = 20.00; (200 − 80) ÷ 12 h = 10.00; (100 − 80) ÷ 6 h = 3.33; nothing either way.
    found = rows(piece(1, seconds: 12 * 3600), piece(2), piece(3, finish: 100_00), piece(4, finish: -5_00, as_is: 0),
                 piece(5, stage: "ready"))
    expect(found.map do |row|
      [row.piece.id, row.advice]
    end).to eq([[5, :list], [2, :finish], [1, :less], [3, :as_is], [4, :drop]])
    expect(found[1]).to have_attributes(pay: 20_00, gain: 120_00,
                                        text: "Finish it: about 6 h more, earning about €20 an hour. Expect €200.")
    expect(found[2].text).to start_with("Finish it, though it pays below your target: about 12 h more, earning about €10 an hour.")
    expect(found[3].text).to match(/\ASell it as it is for about €[\d.]+\. Finishing takes about 6 h more and earns only about €3\.30 an hour\.\z/)
    expect(found[4].text).to match(/\AGive it up, or use it for parts\. Finishing takes about .* more and earns nothing\.\z/)
  end

  it "says what is missing where it cannot be told" do
    found = rows(piece(1, finish: nil), piece(2, seconds: nil))
    expect(found.map(&:advice)).to eq(%i[unknown unknown])
    expect(found.map(&:text)).to match([/what kind of piece it is/, /enter the hours left/])
  end
end

RSpec.describe Core::Books::WorthIt do
  def figures(**given) = described_class::Figures.new(resale: 200_00, costs: 30_00, seconds: 6 * 3600, **given)

  def answer(came, profit:, pay:, **rest)
    described_class.new(expected: figures, came: came, profit: profit, pay: pay,
                        text: Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR")), floor: 8_00,
                        target: 15_00, **rest).answer
  end

  it "says what it paid, and what made the difference, the largest first" do
    # Three hours longer at 15.00 are 45.00; 30.00 less brought; 10.00 more cost.
    found = answer(figures(resale: 170_00, costs: 40_00, seconds: 9 * 3600), profit: 90_00, pay: 10_00)
    expect(found).to have_attributes(verdict: :less,
                                     text: "It paid less than your target: €10 an hour (target: €15).")
    expect(found.why).to eq(["It took 3 h longer than expected (9 h instead of 6 h). At your target pay, that time is worth €45.",
                             "It brought in €30 less than expected (€170 instead of €200).",
                             "It cost €10 more than expected (€40 instead of €30)."])
    expect(answer(figures, profit: 150_00, pay: 25_00)).to have_attributes(verdict: :worth, why: [])
    expect(answer(figures, profit: 10_00, pay: 2_00).verdict).to eq(:not)
  end

  it "answers where hours or profit are not known" do
    expect(answer(figures(seconds: nil), profit: 150_00,
                                         pay: nil)).to have_attributes(verdict: :worth, text: /Profit: €150.00/)
    expect(answer(figures, profit: nil, pay: nil)).to have_attributes(verdict: :unknown)
  end
end
