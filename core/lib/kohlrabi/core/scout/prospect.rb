# frozen_string_literal: true

module Core
  module Scout
    # What a piece that was only seen is worth to this workshop: the most to pay, the walk-away price, what the price
    # asked would earn an hour, and the chance of reaching the pay aimed for.
    class Prospect
      attr_reader :resale, :hours, :materials, :ask, :terms

      # resale, materials: Estimate in minor units; hours: Estimate in seconds; each nil = not known.
      # ask: the tag price in minor units, nil = not seen. terms: Terms.
      def initialize(resale:, hours:, materials:, ask:, terms: Terms.new)
        @resale = resale
        @hours = hours
        @materials = materials
        @ask = ask
        @terms = terms
      end

      # price × (1 − fee rate) − fixed fee − delivery − expected booth rent.
      def net_resale
        return Figure.undefined(:net_resale, "Take-home", :money, "the expected price is missing") unless resale

        fee = resale.mean * terms.fee_rate
        Figure.sum(:net_resale, "Take-home", :money,
                   [["+", estimated(:resale, "Expected price", resale.mean)], ["−", estimated(:fee, "Selling fee", fee)],
                    ["−", Figure.plain(:fixed, "Fixed fee", :money, terms.fixed_fee)],
                    ["−", Figure.plain(:delivery, "Delivery", :money, terms.delivery)],
                    ["−", Figure.plain(:rent, "Booth rent", :money, terms.rent)]]).shown(:about)
      end

      # The most you should pay: target pay is reached on the mean. Below zero it is not worth taking even free.
      def most = limit(:most, "Pay at most", terms.target_pay, "target")

      # Beyond this even the least acceptable pay is missed.
      def walk_away = limit(:walk_away, "Walk away above", terms.floor_pay, "minimum")

      # What the piece would earn before any hour is paid, at the price asked.
      def profit
        Figure.sum(:profit, "Expected profit", :money, [["+", net_resale], *costs, ["−", paid]]).shown(:about)
      end

      # Expected profit ÷ expected hours, minor units an hour, at the price asked.
      def pay
        work = Figure.plain(:hours, "Expected hours", :effort, hours&.mean, why: ("the hours are missing" unless hours)).shown(:about)
        Figure.ratio(:pay, "Pay at this price", :hourly, profit, work, scale: Units::Effort::HOUR,
                                                                       zero: "no hours are expected").shown(:about)
      end

      # Chance of reaching target pay at the price asked, 0..1 as a ratio figure:
      # Z = net − costs − ask − t·H, variance (1 − r)²σ²resale + σ²materials + t²σ²hours, taken as independent.
      def chance
        label = "Chance of reaching your target pay"
        why = unknown || profit.why || ("your target pay isn't set in House rules" unless terms.target_pay)
        return Figure.undefined(:chance, label, :ratio, why) if why

        pay = Rational(terms.target_pay, Units::Effort::HOUR)
        mean = profit.amount - (hours.mean * pay)
        variance = [(1 - terms.fee_rate) * resale.sd, materials.sd, hours.sd * pay].sum { |part| part**2 }
        Figure.plain(:chance, label, :ratio,
                     Statistics::Normal.chance_positive(mean, Math.sqrt(variance)).round(4).to_r).shown(:chance)
      end

      # What an hour earns at the price asked with 80% probability: [low, high] minor units an hour, nil where it
      # cannot be told. The doubt of what it brings, costs and takes, taken as independent; pay moves by −pay ÷
      # hours with the hours.
      def pay_between
        middle = pay.amount or return
        hours_mean = hours.mean / Rational(Units::Effort::HOUR)
        hours_sd = hours.sd.to_f / Units::Effort::HOUR
        parts = [(1 - terms.fee_rate) * resale.sd, materials.sd, middle * hours_sd]
        width = Market::Model::Value::EIGHTY * Math.sqrt(parts.sum { |part| part.to_f**2 }) / hours_mean
        [middle - width, middle + width]
      end

      # How far the price asked lies above the most to pay, with what is added to it; negative: room left. nil if
      # undefined.
      def shortfall
        (ask - most.amount) * (1 + terms.added_rate) if ask && most.amount
      end

      private

      def limit(key, label, pay, name)
        why = unknown || ("your #{name} pay isn't set in House rules" unless pay)
        return Figure.undefined(key, label, :money, why) if why

        wages = Rational(hours.mean * pay, Units::Effort::HOUR)
        rows = [["+", net_resale], *costs, ["−", estimated(:wages, "Hours × #{name} pay", wages)]]
        left = Figure.sum(key, label, :money, rows).amount / (1 + terms.added_rate)
        rows << ["÷", Figure.plain(:added, "1 + premium and tax", :ratio, 1 + terms.added_rate)] unless terms.added_rate.zero?
        Figure.new(key: key, label: label, unit: :money, amount: left.floor,
                   terms: rows.map { |sign, figure| Figure::Term.new(sign: sign, figure: figure) }, style: :at_most)
      end

      # Why no answer is possible: the first estimate that is missing.
      def unknown
        { "the expected price is" => resale, "the cost of materials is" => materials, "the hours are" => hours }.each do |what, estimate|
          return "#{what} missing" unless estimate
        end
        nil
      end

      def costs
        [["−", estimated(:materials, "Materials", materials&.mean, why: ("the cost of materials is missing" unless materials))],
         ["−", Figure.plain(:trip, "Trip", :money, terms.trip)], ["−", Figure.plain(:sundries, "Sundries", :money, terms.sundries)]]
      end

      def estimated(key, label, minor, why: nil) = Figure.plain(key, label, :money, minor, why: why).shown(:about)

      def paid
        why = "the tag price is missing" unless ask
        Figure.plain(:ask, terms.added_rate.zero? ? "Tag price" : "Tag price, premium and tax", :money, ask && (ask * (1 + terms.added_rate)),
                     why: why)
      end
    end
  end
end
