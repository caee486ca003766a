# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Market
        # Pricing a piece and what is for sale, as the contract says them.
        class MarketPage
          # say: Say.
          def initialize(say)
            @say = say
          end

          # price: minor units to weigh, or nil for the suggested one.
          def pricing(piece, price = nil)
            scale = Operations::Market::Prices.scale(piece)
            price ||= piece.summary.asking_minor || scale.suggested
            at = price && Operations::Market::Prices.at(piece, price, scale: scale)
            { methods: scale.ways.map { |row| method(row) }, suggested: @say.money(scale.suggested), suggested_why: suggested_why,
              at: at && at(at), ratio_why: scale.ratio_why, new_price: @say.typed_money(piece.new_price_minor), tape: tape(scale, price),
              comparables: scale.comparables.map { |row| comparable(row) },
              decisions: Operations::Market::Prices.decisions(piece).map { |row| decision(row) },
              listed: piece.summary.stage == "listed" }
          end

          def market
            rows = Operations::Market::ListedPieces.rows
            { rows: rows.map { |row| row(row) }, total: Operations::Market::ListedPieces.total, asked: @say.money(rows.sum do |row|
              row.asking.to_i
            end), place_day: @say.money(Operations::Market::Sellings.place_day),
              times: times, seasons: Operations::Market::Sellings.seasons.map(&:text), sold: Operations::Market::AfterSale.rows.map { |row| sold(row) } }
          end

          def payment(payment) = { id: payment.id, amount: @say.money(payment.amount_minor), on: @say.day(payment.paid_on), note: payment.note }

          def advice(advice)
            { verdict: advice.verdict.to_s, at: @say.money(advice.at), counter: @say.money(advice.counter), why: advice.why,
              warnings: advice.warnings }
          end

          def comparable(row)
            { id: row.id, what: row.what, price: @say.money(row.price_minor), sold: row.sold, likeness: row.likeness,
              likeness_label: Core::Market::Comparables::LIKENESS.fetch(row.likeness), seen_on: @say.day(row.seen_on), condition: row.condition.to_s,
              place: row.place.to_s, note: row.note.to_s, typed: @say.typed_money(row.price_minor), photos: Flips::Photo.present(row.photos, @say) }
          end

          def decision(row) = { id: row.id, asking: @say.money(row.asking_minor), why: row.why, on: @say.day(row.decided_on) }

          def offer(offer, advice = nil)
            { id: offer.id, amount: @say.money(offer.amount_minor), who: offer.who, note: offer.note, made_on: @say.day(offer.made_on),
              answer: offer.answer,
              counter: @say.money(offer.counter_minor), then: offer.advice, advice: advice && advice(advice) }
          end

          def hold(hold)
            { id: hold.id, who: hold.who, price: @say.money(hold.price_minor), deposit: @say.money(hold.deposit_minor),
              until_on: @say.day(hold.until_on),
              pick_up: hold.pick_up, pick_up_on: @say.day(hold.pick_up_on) }
          end

          def step(step)
            { id: step.id, due_on: @say.day(step.due_on), asking: @say.money(step.asking_minor), state: step.state, due: step.due_on <= Operations::House::WorkshopSettings.today }
          end

          private

          def method(row)
            { key: row.key.to_s, label: row.label, low: @say.money(row.low), mid: @say.money(row.mid), high: @say.money(row.high), n: row.n,
              why: row.why,
              trust: row.trust }
          end

          def suggested_why
            house = @say.workshop
            ending = Core::Market::AskingPrice::ENDINGS.fetch(house.price_ending).first
            "target price ÷ (1 − #{Operations::Support::Percent.text(house.haggle_hundredths)}% room for haggling), up to #{ending}"
          end

          def at(at)
            { price: @say.money(at.price), typed: @say.typed_money(at.price), take_home: @say.money(at.take_home), profit: @say.money(at.profit),
              hourly: @say.money(at.hourly), days: at.outlook&.days&.round, expected: @say.money(at.outlook&.money),
              left: at.outlook && percent(at.outlook.left),
              time: at.time.survival&.text, time_why: at.time.why,
              steps: at.steps.map { |day, minor| { on: @say.day(day), asking: @say.money(minor) } } }
          end

          def percent(share) = "#{Core::Units::Numerals.text(share * 100, 0)}%"

          # The tape of the prices by cost and pay, with the price that is weighed.
          def tape(scale, price)
            amounts = %i[break_even floor target].to_h { |key| [key, scale.prices.amount(key)] }
            @say.tape(Core::Market::PriceTape.new(amounts.merge(asking: price), unit: @say.workshop.money.unit))
          end

          def row(row)
            { piece: name(row.piece), asking: @say.money(row.asking), days: row.days, **expected(row), floor: @say.money(row.floor),
              today: @say.day(Operations::House::WorkshopSettings.today), enquiries: row.enquiries, next_step: row.next_step && step(row.next_step),
              hold: row.hold && hold(row.hold), **paid(row), set: row.set && { id: row.set.id, name: row.set.name }, mixes: mixes(row),
              offers: row.offers.reverse.map { |offer| offer(offer, row.advice[offer.id]) } }
          end

          def name(piece) = { id: piece.id, ticket: piece.ticket_text, name: piece.name }
          def mixes(row) = row.mixes.map { |mix| { id: mix.id, name: mix.product.label } }

          # What was paid in parts, the deposit among it, and what is left of the agreed price.
          def paid(row)
            owed = Core::Market::Owed.of(price: row.hold&.price_minor, payments: row.payments.map(&:amount_minor), deposit: row.hold&.deposit_minor)
            { payments: row.payments.map { |one| payment(one) }, paid: @say.money(owed.paid), left: @say.money(owed.left) }
          end

          def sold(row)
            { piece: name(row.piece), sold_on: @say.day(row.sold_on), price: @say.money(row.price), left: @say.money(row.left),
              paid: @say.money(row.paid), payments: row.payments.map { |one| payment(one) } }
          end

          def expected(row)
            { time: row.time.survival&.text, time_why: row.time.why, against: row.days && row.time.survival&.against(row.days),
              expected_days: row.outlook&.days&.round, expected: @say.money(row.outlook&.money) }
          end

          # How long own listings took, by kind where there are enough.
          def times
            spells = Operations::Market::Sellings.spells
            known = Core::Market::TimeToSell.new(spells)
            kinds = spells.keys.compact.select { |kind| known.for(kind).basis == :kind }.sort
            rows = kinds.map { |kind| [kind, known.for(kind)] }
            all = Core::Market::Survival.new(spells.values.flatten)
            rows << ["all kinds", Core::Market::TimeToSell::Answer.new(basis: :all, survival: all, why: "#{all.count} listings")] if all.spells.any?
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
end
