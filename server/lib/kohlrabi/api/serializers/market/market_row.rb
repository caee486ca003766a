# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A piece that is for sale (Operations::Market::ListedPieces::Row).
      class MarketRow < Support::Page
        attributes :days, :enquiries
        shows :value, :standing, :waiting, :tape, :advice, :against, :curve_of, :expected, :expected_days, :paid, :left
        attribute(:piece) { |row| Bench::BenchWords.link(row.piece) }
        attribute(:drawing) { |row| @formatter.drawing(row.piece) }
        attribute(:asking) { |row| @formatter.money(row.asking) }
        attribute(:floor) { |row| @formatter.money(row.floor) }
        attribute(:today) { @formatter.day(Operations::House::WorkshopSettings.today) }
        attribute(:next_step) { |row| row.next_step && PriceStep.present(row.next_step, @formatter) }
        attribute(:hold) { |row| row.hold && Hold.present(row.hold, @formatter) }
        attribute(:payments) { |row| Payment.present(row.payments, @formatter) }
        attribute(:set) { |row| row.set && { id: row.set.id, name: row.set.name } }
        attribute(:mixes) { |row| row.mixes.map { |mix| { id: mix.id, name: mix.product.label } } }
        attribute(:offers) do |row|
          Offer.new(row.offers.reverse, params: { formatter: @formatter, advice: row.advice }).to_h
        end

        private

        # What the market pays by now: what stood long is likely worth less.
        def value
          low, middle, high = object.fetch&.map { |minor| @formatter.money(minor) }
          low && { low: low, middle: middle, high: high }
        end

        def standing = Market::Standing.present(Operations::Market::Standings.of(object.piece), @formatter)

        def waiting
          found = object.waiting or return
          { worth: @formatter.money(found.worth), money: @formatter.money(found.money), days: found.days }
        end

        # What is asked, offered, paid by the market and needed, on one scale.
        def tape
          low, middle, high = object.fetch
          open = object.offers.select { |offer| Operations::Market::Offers.open?(offer) }.map(&:amount_minor).max
          amounts = { fetch_low: low, value: middle, fetch_high: high, floor: object.floor, asking: object.asking,
                      offer: open }
          @formatter.tape(Core::Market::PriceTape.new(amounts, unit: @formatter.workshop.money.unit))
        end

        # Where it stands among such listings, and which of the curves tells it.
        def survival = object.time.survival
        def against = object.days && survival&.against(object.days)
        def curve_of = object.time.basis && (object.time.basis == :kind ? object.piece.kind : "all kinds")
        def expected = @formatter.money(object.outlook&.money)
        def expected_days = object.outlook&.days&.round

        # The one thing it wants today.
        def advice
          found = Operations::Market::ListedPieces.advise(object, left: owed.left)
          { headline: found.headline, why: found.why, action: found.action.to_s,
            amount: @formatter.money(found.amount), id: found.id }
        end

        # What was paid in parts, the deposit among it, and what is left of the agreed price.
        def owed
          hold = object.hold
          @owed ||= Core::Market::Owed.of(price: hold&.price_minor, payments: object.payments.map(&:amount_minor),
                                          deposit: hold&.deposit_minor)
        end

        def paid = @formatter.money(owed.paid)
        def left = @formatter.money(owed.left)
      end
    end
  end
end
