# frozen_string_literal: true

module Core
  module Statistics
    # Derivatives of ln Γ: digamma (order 0), trigamma (1) and the two after it. The argument is raised to where the
    # asymptotic series is exact to double precision (Abramowitz and Stegun, Handbook of Mathematical Functions,
    # 1964, 6.3 and 6.4).
    module Polygamma
      FROM = 12.0
      FACTORIALS = [1.0, 1.0, 2.0, 6.0].freeze
      # What is left of the series after its leading terms: coefficients of 1 ÷ x², 1 ÷ x⁴, …, from the Bernoulli
      # numbers.
      BERNOULLI = [1/6r, -1/30r, 1/42r, -1/30r, 5/66r, -691/2730r].map(&:to_f).freeze

      extend self

      def digamma(x) = of(0, x)
      def trigamma(x) = of(1, x)

      # order: 0..3; x above 0. Float.
      def of(order, x)
        x = x.to_f
        sign = order.even? ? -1.0 : 1.0
        raised = 0.0
        while x < FROM
          raised += sign * FACTORIALS[order] / (x**(order + 1))
          x += 1.0
        end
        raised + series(order, x)
      end

      # The x at which trigamma is y > 0, by Newton's steps on 1 ÷ trigamma, which is nearly straight.
      def inverse_trigamma(y)
        return 1.0 / y if y < 1e-6
        return 1.0 / Math.sqrt(y) if y > 1e7

        x = 0.5 + (1.0 / y)
        30.times do
          value = of(1, x)
          step = value * (1.0 - (value / y)) / of(2, x)
          x += step
          break if step.abs < 1e-12 * x
        end
        x
      end

      private

      def series(order, x)
        square = x * x
        case order
        when 0 then Math.log(x) - (0.5 / x) - tail(square) { |n| 1.0 / (2 * n) }
        when 1 then (1.0 / x) + (0.5 / square) + (tail(square) { 1.0 } / x)
        when 2 then -(1.0 / square) - (1.0 / (square * x)) - (tail(square) { |n| (2 * n) + 1.0 } / square)
        else
          rest = tail(square) { |n| ((2 * n) + 1.0) * ((2 * n) + 2) }
          (2.0 / (square * x)) + (3.0 / (square * square)) + (rest / (square * x))
        end
      end

      def tail(square)
        power = 1.0
        BERNOULLI.each.with_index(1).sum do |number, n|
          power /= square
          number * yield(n) * power
        end
      end
    end
  end
end
