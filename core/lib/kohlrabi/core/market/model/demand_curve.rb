# frozen_string_literal: true

module Core
  module Market
    module Model
      # How the chance of sale falls as the price rises: h = h_ref · φ(ln asked − ln value), φ(x) = C ÷ (1 + (C −
      # 1)·exp(βxC ÷ (C − 1))). Near the value a power law of −β, which cannot run away at low prices.
      module DemandCurve
        # Chance of sale a day at the value: half of such pieces are sold within 21 days.
        H_REF = Math.log(2) / 21
        C = 6.0
        KAPPA = C / (C - 1)
        FAR = 60.0 # of the exponent, beyond which nothing changes any more

        extend self

        # x: ln asked − ln value; cap: C. 1 at the value, C at nothing asked; without a cap the power law.
        def phi(x, beta, cap = C)
          z = beta * x * cap / (cap - 1)
          return 0.0 if z > FAR * 10

          cap / (1 + ((cap - 1) * Math.exp(z)))
        end

        # [φ, p]: p the share of φ's bend, −d ln φ ÷ dz with z = βκx.
        def with_bend(z)
          grown = (C - 1) * Math.exp(z.clamp(-FAR, FAR))
          [C / (1 + grown), grown / (1 + grown)]
        end
      end
    end
  end
end
