# frozen_string_literal: true

module Core
  module Flips
    # What was paid for a flip up to its sale. All amounts are minor units.
    class MoneyIn < Value
      # nil = the price is not known (then there is no profit); 0 = free.
      attribute :purchase, Types::Integer.optional
      attribute :materials, Types::Integer.default(0)
      attribute :hardware, Types::Integer.default(0)
      # Shares of the trips that brought it.
      attribute :trips, Types::Integer.default(0)
      attribute :other, Types::Integer.default(0)
      # Flat sum for paper, cloths and tape; 0 until the workshop sets one.
      attribute :sundries, Types::Integer.default(0)

      # Where an amount comes from, by attribute: Array of [label, minor units or nil] that add up to it.
      attribute :sources, Types::Hash.default({}.freeze)

      LABELS = { purchase: "Price paid", trips: "Trips", materials: "Materials", hardware: "Hardware", other: "Other costs",
                 sundries: "Sundries" }.freeze

      # The Figures it consists of, in the order in which they are told.
      def parts
        @parts ||= LABELS.map { |key, label| part(key, label) }
      end

      # Σ of the parts; undefined while the price paid is not known.
      def figure
        @figure ||= Figure.sum(:cash_in, "Spent so far", :money, parts.map { |part| ["+", part] })
      end

      private

      def part(key, label)
        amount = public_send(key)
        why = "the price you paid is missing" unless amount
        return Figure.plain(key, label, :money, amount, why: why) unless amount && sources[key]

        Figure.sum(key, label, :money, sources[key].map do |name, share|
          ["+", Figure.plain(:"#{key}_part", name, :money, share)]
        end)
      end
    end
  end
end
