# frozen_string_literal: true

module Api
  module Routes
    module Market
      # Offering a piece: texts, staging, photos, channels; the market played for practice.
      module Listings
        class << self
          def registered(app)
            app.helpers { define_method(:listing) { |piece| Serializers::Market::ListingPage.new(piece, formatter, price: Selling.price(params[:price])).to_h } }
            offering(app)
            channels(app)
            practice(app)
          end

          def named(row) = { id: row.id, name: row.name }

          def played(answer, formatter)
            { asking: formatter.price(answer.asking), worth: formatter.about(answer.worth),
              messages: answer.messages.map do |message, advice|
                { day: message.day, kind: message.kind.to_s, who: message.who, text: message.text, amount: formatter.price(message.amount),
                  advice: advice && Serializers::Market::Advice.present(advice, formatter) }
              end }
          end

          private

          def offering(app)
            app.get("/api/pieces/:id/listing") { json(listing(Operations::Flips::Pieces.find(params[:id]))) }
            app.put("/api/pieces/:id/listing/:length") do
              change { listing(Operations::Market::Listings.set(params[:id], params[:length], given)) }
            end
            app.put("/api/pieces/:id/staging") do
              change { listing(Operations::Market::Listings.tick(params[:id], given)) }
            end
            app.get("/api/pieces/:id/photos.zip") do
              piece = Operations::Flips::Pieces.find(params[:id])
              zip = Operations::Market::Listings.zip(piece)
              content_type "application/zip"
              cache_control :no_store
              attachment "#{piece.ticket_text}-photos.zip"
              zip
            end
          end

          def channels(app)
            app.get("/api/channels") do
              json(Serializers::Market::ListingPage.channels(formatter,
                                                             Selling.price(params[:price]) || (formatter.workshop.money.unit * 100), nil))
            end
            app.get("/api/channels/fee") do
              price = Selling.price(params[:price])
              name, fee = Operations::Market::Channels.fee_of(price, channel: params[:channel],
                                                                     piece_id: params[:piece_id])
              json(channel: name, fee: formatter.money(fee))
            end
            app.post("/api/channels") { change(201) { Listings.named(Operations::Market::Channels.create(given)) } }
            app.patch("/api/channels/:id") do
              change { Listings.named(Operations::Market::Channels.update(params[:id], given)) }
            end
            app.delete("/api/channels/:id") { removal { Operations::Market::Channels.remove(params[:id]) } }
          end

          def practice(app)
            app.get("/api/pieces/:id/practice") do
              json(Listings.played(
                     Operations::Market::Practice.play(params[:id], params[:seed].to_i, params[:days].to_i), formatter
                   ))
            end
            app.get("/api/pieces/:id/practice/counter") do
              counter = Selling.price(params[:counter]) or refuse(:no_wish_named, field: :counter)
              json(taken: Operations::Market::Practice.takes?(params[:id], params[:seed].to_i, params[:day].to_i, params[:who].to_s, counter),
                   counter: formatter.price(counter))
            end
          end
        end
      end
    end
  end
end
