# frozen_string_literal: true

module Core
  module Market
    module Model
      # Finds the parameters that the evidence and the priors together make most likely: damped Newton with
      # curvature by formula, and the doubt that is left from it (the inverse of the curvature). The spread of
      # pieces among their kind is the one with most evidence (Laplace).
      class Fitter
        STEPS = 60
        ENOUGH = 1e-7 # of the log-posterior, below which another step gains nothing
        LONGEST = 1.5 # of one parameter in one step

        # evidence: Evidence; from: an earlier Fit, near which the new one is likely to lie.
        def self.of(evidence, from: nil, spreads: Priors::SPREADS)
          spreads.map { |spread| new(evidence, spread, from).fit }.max_by(&:evidence)
        end

        def initialize(evidence, spread, from = nil)
          @all = evidence
          @spread = spread
          @size = evidence.keys.size
          @demand = @size - 3
          @priors = evidence.keys.map { |key| evidence.prior(key) }
          @theta = evidence.keys.each_with_index.map { |key, i| from&.at(key) || @priors[i].mean.to_f }
          @quadratic, @right, @constant = evidence.quadratic(spread)
          @locals = evidence.stays.map { |stay| evidence.local(stay, spread) }
        end

        def fit
          value, gradient, curvature = at(@theta)
          solver = nil
          STEPS.times do
            solver, = Statistics::Cholesky.raised(curvature)
            step = solver.solve(gradient)
            longest = step.map(&:abs).max
            step.map! { |part| part * LONGEST / longest } if longest > LONGEST
            moved = better(value, step) or break
            gained = moved.first - value
            @theta = moved[3]
            value, gradient, curvature, = moved
            break if gained < ENOUGH
          end
          done(value, curvature)
        end

        private

        # The first of step, step ÷ 2, step ÷ 4, … that is better; nil where none is.
        def better(value, step)
          8.times do |halved|
            theta = @theta.each_with_index.map { |part, i| part + (step[i] / (2**halved)) }
            found = at(theta)
            return [*found, theta] if found.first.finite? && found.first >= value
          end
          nil
        end

        # [log-posterior, gradient, −curvature] at the parameters.
        def at(theta)
          value = @constant
          gradient = @right.dup
          matrix = @quadratic.map(&:dup)
          theta.each_with_index do |part, i|
            row = @quadratic[i]
            pull = 0.0
            theta.each_with_index { |other, j| pull += row[j] * other }
            value += part * (@right[i] - (0.5 * pull))
            gradient[i] -= pull
            away = part - @priors[i].mean
            sharp = 1.0 / (@priors[i].sd**2)
            value -= (0.5 * away * away * sharp) + Math.log(@priors[i].sd)
            gradient[i] -= away * sharp
            matrix[i][i] += sharp
          end
          [value + stays(theta, gradient, matrix), gradient, matrix]
        end

        def stays(theta, gradient, matrix)
          beta = Math.exp(theta[@demand])
          season = theta.last(2)
          doubts = Hash.new do |known, doubt|
            frailty = Frailty.of(beta * doubt)
            known[doubt] = [frailty, frailty.slopes]
          end
          @all.stays.each_with_index.sum do |stay, i|
            local = @locals[i]
            level = local.base
            local.parts.each { |place, much| level += much * theta[place] }
            frailty, slopes = doubts[local.doubt]
            value, slope, bend = Likelihood.of(stay.stretches, stay.sold, level, beta, season, frailty, slopes)
            spread_out(local.parts, stay.weight, slope, bend, gradient, matrix)
            stay.weight * value
          end
        end

        # From value, ln β and season to all parameters.
        def spread_out(parts, weight, slope, bend, gradient, matrix)
          demand = @demand
          parts.each do |i, much|
            scaled = weight * much
            gradient[i] += scaled * slope[0]
            row = matrix[i]
            parts.each { |j, other| row[j] -= scaled * other * bend[0] }
            1.upto(3) do |n|
              row[demand + n - 1] -= scaled * bend[n]
              matrix[demand + n - 1][i] -= scaled * bend[n]
            end
          end
          place = 4
          1.upto(3) do |n|
            gradient[demand + n - 1] += weight * slope[n]
            n.upto(3) do |other|
              matrix[demand + n - 1][demand + other - 1] -= weight * bend[place]
              matrix[demand + other - 1][demand + n - 1] -= weight * bend[place] if other > n
              place += 1
            end
          end
        end

        def done(value, curvature)
          solver, = Statistics::Cholesky.raised(curvature)
          Fit.new(keys: @all.keys, theta: @theta, covariance: solver.inverse, spread: @spread, level_known: @all.level_known,
                  evidence: value - (0.5 * solver.log_determinant), shares: shares, listings: @all.stays.size + @all.sights.count(&:own),
                  sold: @all.stays.count(&:sold) + @all.sights.count(&:own))
        end

        # Who says how much: the curvature by the kind of own listings and sales, and by what was seen of others;
        # each [indices, rows].
        def shares
          own = @all.sights.select(&:own).group_by(&:kind)
          listed = @all.stays.each_index.group_by { |i| @all.stays[i].kind }
          found = (listed.keys | own.keys).to_h do |kind|
            ["own:#{kind}", Fit.sparse(curvature_of(listed.fetch(kind, []), own.fetch(kind, [])))]
          end
          others = (@all.stays + @all.sights.reject(&:own)).reject { |row| row.seen.empty? }
          found["seen"] = Fit.sparse(@all.quadratic(@spread, others).first) if others.any?
          found
        end

        # places: of listings; sights: own sales without one.
        def curvature_of(places, sights)
          whole = @all.stays
          locals = @locals
          matrix = @all.quadratic(@spread, sights).first
          beta = Math.exp(@theta[@demand])
          season = @theta.last(2)
          places.each do |i|
            level = locals[i].base + locals[i].parts.sum { |place, much| much * @theta[place] }
            frailty = Frailty.of(beta * locals[i].doubt)
            _, slope, bend = Likelihood.of(whole[i].stretches, whole[i].sold, level, beta, season, frailty,
                                           frailty.slopes)
            spread_out(locals[i].parts, whole[i].weight, slope, bend, Array.new(@size, 0.0), matrix)
          end
          matrix
        end
      end
    end
  end
end
