# frozen_string_literal: true

module Core
  module Market
    # What is taken home of a price by channel: fee, fixed fee, delivery, and the rent of a place for as long as it
    # is expected to stand there.
    module Channels
      USUAL = Core.table("market/channels")
      MONTH = Rational(365, 12) # days
      # fee_rate: Rational; the rest minor units; rent: a month, shared by places; days: expected to stand, nil
      # where not known.
      Terms = Struct.new(:name, :fee_rate, :fixed, :delivery, :rent, :places, :days, keyword_init: true)
      # Figures; rent is undefined where the days are not known.
      Answer = Struct.new(:terms, :take_home, :rent_a_day, keyword_init: true)

      extend self

      # price: minor units. Returns Answer; take_home is a Figure with its terms. Raises Refusal for a fee that
      # leaves nothing.
      def answer(price, terms)
        raise Refusal.new(:fee_leaves_nothing, field: :fee) if terms.fee_rate >= 1

        Answer.new(terms: terms, rent_a_day: rent_a_day(terms), take_home: take_home(price, terms)).freeze
      end

      private

      def take_home(price, terms)
        plain = ->(key, label, amount) { Figure.plain(key, label, :money, amount) }
        Figure.sum(:take_home, "Take-home", :money,
                   [["+", plain.call(:price, "Price", price)], ["−", plain.call(:fee, "Fee", (price * terms.fee_rate).round(half: :up))],
                    ["−", plain.call(:fixed, "Fixed fee", terms.fixed)], ["−", plain.call(:delivery, "Delivery", terms.delivery)],
                    ["−", rent(terms)]])
      end

      # Minor units that a place costs a day; 0 without rent.
      def rent_a_day(terms) = terms.rent.zero? ? 0r : terms.rent / MONTH / [terms.places, 1].max

      def rent(terms)
        return Figure.plain(:rent, "Rent for its spot", :money, 0) if terms.rent.zero?
        unless terms.days
          return Figure.undefined(:rent, "Rent for its spot", :money,
                                  "how long it would stay there is unknown")
        end

        Figure.plain(:rent, "Rent for its spot", :money, (rent_a_day(terms) * terms.days).round(half: :up))
      end
    end
  end
end
