# frozen_string_literal: true

# What a listed piece wants today: the order is common practice, no source.
RSpec.describe Core::Market::ListingAdvice do
  let(:advice) { Core::Market::OfferAdvice::Answer }

  def answer(**given)
    described_class.new(asking: 20_000, text: Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR")), **given).answer
  end

  def offer(id, amount, verdict, counter: nil)
    described_class::Offered.new(id: id, amount: amount,
                                 advice: advice.new(verdict: verdict, counter: counter, why: "Because.", warnings: []))
  end

  def step(due:) = described_class::Step.new(id: 7, asking: 18_000, on: due ? "since 3 May" : "on 3 Jun", due: due)

  it "puts who fetches it before who offers, an offer before a price step, a step before waiting" do
    held = described_class::Held.new(who: "a café", on: "29 Nov, at six", price: 19_000, left: 6500)
    everything = { held: held, offers: [offer(1, 17_000, :take)], step: step(due: true) }
    expect(answer(**everything)).to have_attributes(action: :pick_up, headline: "Pickup 29 Nov, at six.", why: "By a café. €65 on the day.",
                                                    amount: 19_000)
    expect(answer(**everything, held: nil)).to have_attributes(action: :take, headline: "Accept €170.", id: 1)
    expect(answer(step: step(due: true))).to have_attributes(action: :lower, headline: "Lower the price to €180.",
                                                             why: "Due since 3 May.", id: 7)
    expect(answer(step: step(due: false))).to have_attributes(action: :none, why: "Next price drop: €180 on 3 Jun.")
  end

  it "answers the highest of several offers, and says the counter" do
    found = answer(offers: [offer(1, 9000, :decline), offer(2, 15_000, :counter, counter: 17_500)])
    expect(found).to have_attributes(action: :counter, headline: "Counter at €175.", amount: 17_500, id: 2)
    expect(found).to be_waits_for_answer
    expect(answer(offers: [offer(1, 9000, :decline)]).headline).to eq("Decline €90.")
  end

  it "says when it is asked above all that the market pays, and when it has no price" do
    expect(answer(most: 17_500)).to have_attributes(action: :price, headline: "Priced too high.",
                                                    why: "Pieces like this rarely sell above €175.")
    expect(answer(most: 20_000)).to have_attributes(action: :none, why: "No price drop is planned.")
    expect(described_class.new(asking: nil).answer).to have_attributes(action: :price, headline: "Set a price.")
    expect(answer(taken: 15_000)).to have_attributes(action: :record_sale, headline: "Sold for €150? Record it.")
    expect(answer(held: described_class::Held.new(who: "a neighbour"))).to have_attributes(
      headline: "Reserved for a neighbour.", why: nil
    )
  end

  # Every state that a listed piece can be in, together: one answer each, the most pressing, and what it asks to be done
  # names the money that it is about.
  it "answers every state with one thing, whose money its headline names" do
    held = [nil, described_class::Held.new(who: "a neighbour", price: 19_000, left: 0)]
    offers = [[], [offer(1, 17_000, :take)], [offer(2, 15_000, :counter, counter: 17_500)], [offer(3, 4000, :decline)]]
    states = held.product([nil, 16_000], offers, [nil, step(due: true), step(due: false)], [nil, 17_500, 25_000])
    states.each do |state|
      given = %i[held taken offers step most].zip(state).to_h
      found = answer(**given)
      expect(found.action).to eq(pressing(**given)), "#{given} gave #{found.headline}"
      writer = Core::Units::MoneyWriter.new(Core::Units::Currency.find("EUR"))
      money = writer.price(found.amount.to_i)
      offered = given[:offers].first&.amount
      named = found.action == :decline ? writer.price(offered) : money
      expect(found.headline).to include(named) if %i[take counter decline lower record_sale].include?(found.action)
      expect(found.headline).to match(/\A[A-Z].*[.?]\z/)
      expect(found.why).not_to eq("")
    end
  end

  def pressing(held:, taken:, offers:, step:, most:)
    return :pick_up if held
    return :record_sale if taken
    return offers.first.advice.verdict if offers.any?
    return :lower if step&.due

    most && step.nil? && most < 20_000 ? :price : :none
  end
end
