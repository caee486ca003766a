# frozen_string_literal: true

module Kohlrabi
  module Api
    module Routes
      # Pricing a piece, comparables, what is for sale, offers, price steps, holds.
      module Market
        # The price that is weighed. Raises Refused.
        def self.price(text)
          return if text.to_s.strip.empty?

          Core::Units::MoneyText.parse(text, currency: Desk::House.workshop.money)
        rescue Core::Refusal => e
          raise Desk::Refused, [e.at(:price)]
        end

        def self.registered(app)
          pricing(app)
          selling(app)
        end

        def self.pricing(app)
          app.get("/api/pieces/:id/pricing") { json(MarketPage.new(say).pricing(Desk::Pieces.find(params[:id]), Market.price(params[:price]))) }
          app.post("/api/pieces/:id/price-decisions") { change(201) { MarketPage.new(say).decision(Desk::Pricing.decide(params[:id], given)) } }
          app.put("/api/pieces/:id/new-price") { change { { id: Desk::Pricing.set_new_price(params[:id], given).id } } }
          app.post("/api/pieces/:id/comparables") { change(201) { MarketPage.new(say).comparable(Desk::Comparables.create(params[:id], given)) } }
          app.patch("/api/comparables/:id") { change { MarketPage.new(say).comparable(Desk::Comparables.update(params[:id], given)) } }
          app.delete("/api/comparables/:id") { removal { Desk::Comparables.remove(params[:id]) } }
        end

        def self.selling(app)
          app.get("/api/market") { json(MarketPage.new(say).market) }
          app.post("/api/pieces/:id/offers") { change(201) { MarketPage.new(say).offer(Desk::Market.offer(params[:id], given)) } }
          app.patch("/api/offers/:id") { change { MarketPage.new(say).offer(Desk::Market.answer(params[:id], given)) } }
          app.delete("/api/offers/:id") { removal { Desk::Market.remove_offer(params[:id]) } }
          app.patch("/api/price-steps/:id") { change { MarketPage.new(say).step(Desk::Market.step(params[:id], given)) } }
          app.post("/api/pieces/:id/holds") { change(201) { MarketPage.new(say).hold(Desk::Market.hold(params[:id], given)) } }
          app.post("/api/pieces/:id/payments") { change(201) { MarketPage.new(say).payment(Desk::AfterSale.pay(params[:id], given)) } }
          app.delete("/api/payments/:id") { removal { Desk::AfterSale.remove_payment(params[:id]) } }
          app.post("/api/pieces/:id/return") do
            change(201) do
              gone, cost = Desk::AfterSale.take_back(params[:id], given)
              { id: gone.id, what: gone.what, cost_id: cost&.id }
            end
          end
          app.delete("/api/holds/:id") { removal { Desk::Market.release(params[:id]) } }
        end
        private_class_method :pricing, :selling
      end
    end
  end
end
