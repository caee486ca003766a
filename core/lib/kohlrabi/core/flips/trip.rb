# frozen_string_literal: true

module Core
  module Flips
    # What a trip cost and took: fuel paid, or distance × mileage rate in its place; hire and tolls; less a private
    # share.
    class Trip < Value
      # metres driven, nil = not known; rate: minor units a kilometre or mile as Rational; unit: metres in that one.
      attribute :metres, Types::Integer.optional.default(nil)
      attribute :rate, Types::Instance(::Rational).default(0r)
      attribute :unit_metres, Types::Instance(::Rational).default(1000r)
      # Minor units; fuel nil = not paid, so mileage counts.
      attribute :fuel, Types::Integer.optional.default(nil)
      attribute :hire, Types::Integer.default(0)
      attribute :tolls, Types::Integer.default(0)
      attribute :seconds, Types::Integer.default(0)
      # Share of the whole that was private, 0..1.
      attribute :private_share, Types::Instance(::Rational).default(0r)

      # Raises Refusal for a private share beyond the whole.
      def initialize(attributes)
        super
        return if private_share.between?(0, 1)

        raise Refusal.new(:private_share_above_all, field: :private_share)
      end

      def mileage? = fuel.nil? && !metres.nil?

      # What the pieces carried bear together, minor units, as a Figure.
      def cost
        whole = driven.amount + hire + tolls
        Figure.sum(:trip, "Trip", :money,
                   [["+", driven], ["+", Figure.plain(:hire, "Hire", :money, hire)], ["+", Figure.plain(:tolls, "Tolls", :money, tolls)],
                    ["−", Figure.plain(:private, "Private share", :money, (whole * private_share).round(half: :up))]])
      end

      # Fuel paid, or mileage in its place.
      def driven
        return Figure.plain(:fuel, "Fuel", :money, fuel.to_i) unless mileage?

        Figure.plain(:mileage, "Mileage", :money, (metres / unit_metres * rate).round(half: :up))
      end

      # Seconds that the pieces bear, in whole minutes.
      def work = (seconds * (1 - private_share) / 60).round(half: :up) * 60
    end
  end
end
