# frozen_string_literal: true

module Core
  module Market
    module Model
      # Doubt about one piece's value, carried as a gamma-spread rate of sale: ψ′(k) = (βs)², r = exp ψ(k). What
      # stood long without selling is then likely worth less; the share unsold after exposure E is (1 + E ÷ r)^−k.
      class Frailty
        LEAST = 1e-4 # of βs, below which there is no doubt worth the name

        attr_reader :k, :r

        # doubt: βs, of the log rate.
        def self.of(doubt)
          k = Statistics::Polygamma.inverse_trigamma([doubt, LEAST].max**2)
          new(k, Math.exp(Statistics::Polygamma.digamma(k)))
        end

        # shape: k, rate: r of the gamma distribution.
        def initialize(shape, rate)
          @k = shape
          @r = rate
        end

        # After so much exposure without a sale, and so many enquiries of the kind of which rate come to a sale.
        def after(exposure, enquiries: 0.0, rate: 0.0)
          Frailty.new(k + enquiries, r + exposure + (enquiries.positive? ? rate * exposure : 0.0))
        end

        # Share unsold after exposure E.
        def unsold(exposure) = (1 + (exposure / r))**-k

        # How k moves with ln β: [dk ÷ d ln β, its own slope], by formula from ψ′(k) = (βs)².
        def slopes
          first, second, third = (1..3).map { |order| Statistics::Polygamma.of(order, k) }
          slope = 2 * first / second
          [slope, 2 * slope * (1 - (first * third / (second**2))), first, second]
        end
      end
    end
  end
end
