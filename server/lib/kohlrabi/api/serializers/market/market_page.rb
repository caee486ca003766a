# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A piece that is for sale (Operations::Market::ListedPieces::Row).
      class MarketRow < Support::Page
        attributes :days, :enquiries
        shows :value, :standing, :waiting, :tape, :advice, :against, :curve_of, :expected, :expected_days, :paid, :left
        attribute(:piece) { |row| Bench::BenchWords.link(row.piece) }
        attribute(:drawing) { |row| @formatter.drawing(row.view) }
        attribute(:asking) { |row| @formatter.price(row.asking) }
        attribute(:floor) { |row| @formatter.at_least(row.floor) }
        attribute(:today) { @formatter.day(Operations::Support::Workshop.today) }
        attribute(:next_step) { |row| row.next_step && PriceStep.present(row.next_step, @formatter) }
        attribute(:hold) { |row| row.hold && Hold.present(row.hold, @formatter) }
        attribute(:payments) { |row| Payment.present(row.payments, @formatter) }
        attribute(:set) { |row| row.set && { id: row.set.id, name: row.set.name } }
        attribute(:mixes) { |row| row.mixes.map { |mix| { id: mix.id, name: mix.product.label } } }
        attribute(:offers) do |row|
          Offer.new(row.offers.reverse, params: { formatter: @formatter, advice: row.advice }).to_h
        end

        private

        # The likely price by now: what stood long is likely worth less.
        def value
          low, middle, high = object.fetch&.map { |minor| @formatter.about(minor) }
          low && { low: low, middle: middle, high: high }
        end

        def standing = Market::Standing.present(Operations::Market::Standings.of(object.piece), @formatter)

        def waiting
          found = object.waiting or return
          { worth: @formatter.about(found.worth), money: @formatter.about(found.money), days: found.days }
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
        def expected = @formatter.about(object.outlook&.money)
        def expected_days = object.outlook&.days&.round

        # The one thing it wants today.
        def advice
          found = Operations::Market::ListedPieces.advise(object, left: owed.left)
          { headline: found.headline, why: found.why, action: found.action.to_s,
            amount: @formatter.price(found.amount), id: found.id }
        end

        # What was paid in parts, the deposit among it, and what is left of the agreed price.
        def owed
          hold = object.hold
          @owed ||= Core::Market::Owed.of(price: hold&.price_minor, payments: object.payments.map(&:amount_minor),
                                          deposit: hold&.deposit_minor)
        end

        def paid = @formatter.price(owed.paid)
        def left = @formatter.price(owed.left)
      end

      # What is for sale, and what was sold lately.
      class MarketPage < Support::Page
        shows :times
        attribute(:rows) { @rows.map { |row| MarketRow.new(row, @formatter).to_h } }
        attribute(:headline) { Operations::Market::ListedPieces.headline(@rows) }
        attribute(:likely) { @formatter.about(@rows.filter_map { |row| row.fetch&.at(1) }.sum) }
        attribute(:total) { Operations::Market::ListedPieces.total(@rows) }
        attribute(:asked) { @formatter.price(@rows.sum { |row| row.asking.to_i }) }
        attribute(:profit_per_space_day) { @formatter.rate(Operations::Market::TimeToSell.profit_per_space_day) }
        attribute(:seasons) { Operations::Market::TimeToSell.seasons.map(&:text) }
        attribute(:sold) { SoldPiece.present(Operations::Market::AfterSale.rows, @formatter) }

        # rows: Array of Operations::Market::ListedPieces::Row.
        def initialize(rows, formatter)
          super(nil, formatter)
          @rows = rows
        end

        private

        # How long own listings took, by kind where there are enough.
        def times
          spells = Operations::Market::TimeToSell.spells
          known = Core::Market::TimeToSell.new(spells)
          kinds = spells.keys.compact.select { |kind| known.for(kind).basis == :kind }.sort
          rows = kinds.map { |kind| [kind, known.for(kind)] }
          all = Core::Market::Survival.new(spells.values.flatten)
          if all.spells.any?
            rows << ["all kinds",
                     Core::Market::TimeToSell::Answer.new(basis: :all, survival: all,
                                                          why: "#{all.count} listings")]
          end
          rows.map { |kind, answer| { kind: kind, text: answer.survival.text, curve: curve(answer.survival) } }
        end

        # Points of the share unsold, in percent.
        def curve(survival)
          percent = ->(share) { (share * 100).to_f.round(1) }
          sold = survival.steps.map { |step| [step.day, percent.call(step.share)] }
          [[0, 100.0], *sold, [survival.longest, percent.call(survival.at(survival.longest))]]
        end
      end
    end
  end
end
