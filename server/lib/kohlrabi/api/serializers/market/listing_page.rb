# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # What a piece is offered with, and where: as the contract has it.
      class ListingPage < Support::Page
        shows :texts, :staging
        attribute(:flaws) { Operations::Market::Listings.flaws(@piece) }
        attribute(:notes) { Operations::Market::Listings.notes(@piece) }
        attribute(:photos) { Flips::Photo.present(Operations::Market::Listings.photos(@piece), @formatter) }
        attribute(:price) { @formatter.money(@price) }
        attribute(:channels) { @price ? ListingPage.channels(@formatter, @price, days) : [] }

        # piece: Records::Piece; price: minor units at which channels are compared; the asking price, else the suggested
        # one.
        def initialize(piece, formatter, price: nil)
          super(piece, formatter)
          @piece = piece
          @price = price || piece.summary.asking_minor || Operations::Market::Prices.scale(piece).suggested
        end

        # days: expected to stand, nil where not known.
        def self.channels(formatter, price, days)
          Operations::Market::Channels.at(price, days).map { |line| channel(formatter, line) }
        end

        def self.channel(formatter, line)
          rent = line.answer.rent_a_day
          number = ->(value) { value && Core::Units::Numerals.text(value, value.denominator == 1 ? 0 : 1) }
          { id: line.row&.id, name: line.name, take_home: formatter.figure(line.answer.take_home),
            rent_a_day: formatter.money(rent.zero? ? nil : rent),
            sold: line.sold, days: number.call(line.days), got: line.got && "#{Core::Units::Numerals.text(line.got * 100, 0)}%",
            habits: line.habits.to_s, usual: line.usual, typed: line.row && typed(formatter, line.row) }
        end

        # As it would be typed into a form.
        def self.typed(formatter, row)
          { name: row.name, fee: Operations::Support::Percent.text(row.fee_hundredths), fixed_fee: formatter.typed_money(row.fixed_fee_minor),
            rent: formatter.typed_money(row.rent_minor(Operations::House::WorkshopSettings.today).then do |minor|
              minor if minor.positive?
            end), rent_from: "", places: row.places.to_s,
            delivery: formatter.typed_money(row.delivery_minor), habits: row.habits.to_s }
        end

        private

        def texts
          Operations::Market::Listings.texts(@piece).map do |length, (text, made, changed)|
            { length: length, label: Core::Market::Listing::LENGTHS.fetch(length), text: text, made: made, changed: changed }
          end
        end

        def staging
          Operations::Market::Listings.staging(@piece).map { |item| { key: item.key, label: item.label, done: item.done, by_record: item.by == :record } }
        end

        def days = Operations::Market::TimeToSell.time(@piece.kind).survival&.median
      end
    end
  end
end
