# frozen_string_literal: true

module Api
  module Routes
    module Market
      # Pricing a piece, comparables, what is for sale, offers, price steps, holds.
      module Selling
        class << self
          # The price that is weighed. Raises Refused.
          def price(text)
            return if text.to_s.strip.empty?

            Core::Units::MoneyText.parse(text, currency: Operations::Support::Workshop.current.money)
          rescue Core::Refusal => e
            raise Operations::Support::Refused, [e.at(:price)]
          end

          def registered(app)
            pricing(app)
            selling(app)
          end

          private

          def pricing(app)
            app.get("/api/pieces/:id/pricing") do
              json(Serializers::Market::PricingPage.new(Operations::Flips::Pieces.find(params[:id]), formatter,
                                                        price: Selling.price(params[:price])).to_h)
            end
            app.post("/api/pieces/:id/price-decisions") do
              change(201) { Serializers::Market::PriceDecision.present(Operations::Market::Prices.decide(params[:id], given), formatter) }
            end
            app.put("/api/pieces/:id/new-price") do
              change { { id: Operations::Market::Prices.set_new_price(params[:id], given).id } }
            end
            app.post("/api/pieces/:id/comparables") do
              change(201) { Serializers::Market::Comparable.present(Operations::Market::Comparables.create(params[:id], given), formatter) }
            end
            app.patch("/api/comparables/:id") do
              change { Serializers::Market::Comparable.present(Operations::Market::Comparables.update(params[:id], given), formatter) }
            end
            app.delete("/api/comparables/:id") { removal { Operations::Market::Comparables.remove(params[:id]) } }
          end

          def selling(app)
            app.get("/api/from-here") do
              json(rows: Serializers::Market::FromHereRow.new(Operations::Market::FromHere.rows, formatter).to_h)
            end
            app.get("/api/market") do
              json(Serializers::Market::MarketPage.new(Operations::Market::ListedPieces.rows, formatter).to_h)
            end
            app.post("/api/pieces/:id/offers") do
              change(201) { Serializers::Market::Offer.present(Operations::Market::Offers.create(params[:id], given), formatter) }
            end
            app.patch("/api/offers/:id") do
              change { Serializers::Market::Offer.present(Operations::Market::Offers.answer(params[:id], given), formatter) }
            end
            app.delete("/api/offers/:id") { removal { Operations::Market::Offers.remove(params[:id]) } }
            app.patch("/api/price-steps/:id") do
              change { Serializers::Market::PriceStep.present(Operations::Market::PriceSteps.answer(params[:id], given), formatter) }
            end
            app.post("/api/pieces/:id/holds") do
              change(201) { Serializers::Market::Hold.present(Operations::Market::Holds.create(params[:id], given), formatter) }
            end
            app.post("/api/pieces/:id/payments") do
              change(201) { Serializers::Market::Payment.present(Operations::Market::AfterSale.pay(params[:id], given), formatter) }
            end
            app.delete("/api/payments/:id") { removal { Operations::Market::AfterSale.remove_payment(params[:id]) } }
            app.post("/api/pieces/:id/return") do
              change(201) do
                gone, cost = Operations::Market::AfterSale.take_back(params[:id], given)
                { id: gone.id, what: gone.what, cost_id: cost&.id }
              end
            end
            app.delete("/api/holds/:id") { removal { Operations::Market::Holds.release(params[:id]) } }
          end
        end
      end
    end
  end
end
