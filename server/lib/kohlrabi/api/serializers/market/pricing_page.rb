# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Market
        # Pricing a piece: what each way to a price says, and what one price would bring.
        class PricingPage < Support::Page
          shows :at, :tape, :suggested_why
          attribute(:suggested) { @formatter.money(@scale.suggested) }
          attribute(:methods) { @scale.ways.map { |row| way(row) } }
          attribute(:ratio_why) { @scale.ratio_why }
          attribute(:new_price) { |piece| @formatter.typed_money(piece.new_price_minor) }
          attribute(:comparables) { Comparable.present(@scale.comparables, @formatter) }
          attribute(:decisions) { |piece| PriceDecision.present(Operations::Market::Prices.decisions(piece), @formatter) }
          attribute(:open_steps) { |piece| Operations::Planning::Settling.open_steps(piece).size }
          attribute(:listed) { |piece| piece.summary.stage == "listed" }

          # piece: Records::Piece; price: minor units to weigh, or nil for the one asked, else the suggested one.
          def initialize(piece, formatter, price: nil)
            super(piece, formatter)
            @scale = Operations::Market::Prices.scale(piece)
            @price = price || piece.summary.asking_minor || @scale.suggested
          end

          private

          def way(row)
            { key: row.key.to_s, label: row.label, low: @formatter.money(row.low), mid: @formatter.money(row.mid),
              high: @formatter.money(row.high), n: row.n,
              why: row.why, trust: row.trust }
          end

          def suggested_why
            house = @formatter.workshop
            ending = Core::Market::AskingPrice::ENDINGS.fetch(house.price_ending).first
            "target price ÷ (1 − #{Operations::Support::Percent.text(house.haggle_hundredths)}% room for haggling), up to #{ending}"
          end

          def at
            at = @price && Operations::Market::Prices.at(object, @price, scale: @scale) or return
            { price: @formatter.money(at.price), take_home: @formatter.money(at.take_home),
              profit: @formatter.money(at.profit), hourly: @formatter.money(at.hourly),
              days: at.outlook&.days&.round, expected: @formatter.money(at.outlook&.money), left: at.outlook && percent(at.outlook.left),
              time: at.time.survival&.text, time_why: at.time.why,
              steps: at.steps.map { |day, minor| { on: @formatter.day(day), asking: @formatter.money(minor) } } }
          end

          def percent(share) = "#{Core::Units::Numerals.text(share * 100, 0)}%"

          # The tape of the prices by cost and pay, with the price that is weighed.
          def tape
            amounts = %i[break_even floor target].to_h { |key| [key, @scale.prices.amount(key)] }
            @formatter.tape(Core::Market::PriceTape.new(amounts.merge(asking: @price), unit: @formatter.workshop.money.unit))
          end
        end
      end
    end
  end
end
