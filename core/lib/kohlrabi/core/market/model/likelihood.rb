# frozen_string_literal: true

module Core
  module Market
    module Model
      # What one stay says of its value m, of ln β and of the season's two waves: the log-likelihood of its path
      # with gradient and curvature by formula. log L = sold · (ln k − ln r + ln h_last) − (k + sold) · ln(1 + E ÷
      # r), E = Σ h · days over the prices at which it stood. Gradient and curvature are in the order m, ln β, cos,
      # sin; the curvature as its upper triangle by rows.
      module Likelihood
        extend self

        # stretches: Array of ListingPath::Stretch; frailty: Frailty; slopes: Frailty#slopes; season: [cos, sin].
        # Returns [log L, [4 slopes], [10 curvatures]].
        def of(stretches, sold, level, beta, season, frailty, slopes)
          sums = exposure(stretches, level, beta, season)
          last = sums.pop
          join(sums, last, sold ? 1.0 : 0.0, frailty, slopes)
        end

        # E alone.
        def exposure_of(stretches, level, beta, season)
          stretches.sum do |stretch|
            wave = ListingPath::WAVES[stretch.month]
            DemandCurve::H_REF * DemandCurve.phi(stretch.log - level, beta) * stretch.days *
              Math.exp((season[0] * wave[0]) + (season[1] * wave[1]))
          end
        end

        private

        # [E, its 4 slopes, its 10 curvatures, the last stretch's [ln h, 4 slopes, 3 curvatures mm, mq, qq]].
        def exposure(stretches, level, beta, season)
          whole = 0.0
          slope = Array.new(4, 0.0)
          bend = Array.new(10, 0.0)
          steep = beta * DemandCurve::KAPPA
          last = nil
          stretches.each do |stretch|
            z = steep * (stretch.log - level)
            phi, share = DemandCurve.with_bend(z)
            cos, sin = ListingPath::WAVES[stretch.month]
            rate = DemandCurve::H_REF * phi * Math.exp((season[0] * cos) + (season[1] * sin))
            e = rate * stretch.days
            gm = steep * share
            gq = -share * z
            turn = share * (1 - share)
            mm = -steep * steep * turn
            mq = (steep * share) + (steep * turn * z)
            qq = gq - (turn * z * z)
            whole += e
            slope[0] += e * gm
            slope[1] += e * gq
            slope[2] += e * cos
            slope[3] += e * sin
            bend[0] += e * ((gm * gm) + mm)
            bend[1] += e * ((gm * gq) + mq)
            bend[2] += e * gm * cos
            bend[3] += e * gm * sin
            bend[4] += e * ((gq * gq) + qq)
            bend[5] += e * gq * cos
            bend[6] += e * gq * sin
            bend[7] += e * cos * cos
            bend[8] += e * cos * sin
            bend[9] += e * sin * sin
            last = [rate, gm, gq, cos, sin, mm, mq, qq]
          end
          [whole, slope, bend, last]
        end

        def join((whole, slope, bend), last, sold, frailty, slopes)
          k = frailty.k
          r = frailty.r
          far = r + whole
          grown = Math.log(1 + (whole / r))
          count = k + sold
          value = (sold.zero? ? 0.0 : Math.log(k / r) + Math.log([last[0], 1e-300].max)) - (count * grown)
          by_e = -count / far
          by_ee = count / (far * far)
          gradient = slope.map { |part| by_e * part }
          curvature = Array.new(10, 0.0)
          place = 0
          0.upto(3) do |i|
            i.upto(3) do |j|
              curvature[place] = (by_ee * slope[i] * slope[j]) + (by_e * bend[place])
              place += 1
            end
          end
          doubt(gradient, curvature, slope, sold, whole, frailty, slopes)
          at_last(gradient, curvature, last) if sold.positive?
          [value, gradient, curvature]
        end

        # k and r move with ln β.
        def doubt(gradient, curvature, slope, sold, whole, frailty, slopes)
          moved, moved_again, first, second = slopes
          far = frailty.r + whole
          share = whole / far
          count = frailty.k + sold
          rho = first * moved
          rho_again = (second * moved * moved) + (first * moved_again)
          by_k = (sold / frailty.k) - Math.log(1 + (whole / frailty.r))
          by_rho = (count * share) - sold
          cross = (-moved / far) + (count * frailty.r * rho / (far * far))
          gradient[1] += (by_k * moved) + (by_rho * rho)
          curvature[1] += slope[0] * cross
          curvature[4] += (2 * slope[1] * cross) - (sold * moved * moved / (frailty.k**2)) + (2 * share * moved * rho) -
                          (count * share * (1 - share) * rho * rho) + (by_k * moved_again) + (by_rho * rho_again)
          curvature[5] += slope[2] * cross
          curvature[6] += slope[3] * cross
        end

        # The rate at the price at which it sold.
        def at_last(gradient, curvature, last)
          0.upto(3) { |i| gradient[i] += last[i + 1] }
          curvature[0] += last[5]
          curvature[1] += last[6]
          curvature[4] += last[7]
        end
      end
    end
  end
end
