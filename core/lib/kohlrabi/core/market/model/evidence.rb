# frozen_string_literal: true

module Core
  module Market
    module Model
      # All that a fit is made from: own listings and prices seen of others, with the parameters they speak of.
      class Evidence
        # What was seen of a kind, not for a listed piece: kind; base: ln of its usual value; features; seen: Array
        # of PriceObservation; own: whether it is an own sale of which no listing is known.
        Sight = Struct.new(:kind, :base, :features, :seen, :own, keyword_init: true)
        ALWAYS = %w[market asked_dear sold_bias slope season_cos season_sin].freeze
        SHARED = ALWAYS.last(3).freeze # of the demand, not of a value

        attr_reader :stays, :sights, :keys, :index, :level_known

        # stays: Array of ListingPath; sights: Array of Sight; level_known: whether the usual figures are of this money.
        def initialize(stays, sights = [], level_known: true)
          @stays = stays.reject { |stay| stay.stretches.empty? || !stay.weight.positive? }
          @sights = sights.reject { |sight| sight.seen.empty? }
          @level_known = level_known
          own = (@stays + @sights).flat_map { |row| row.features.keys }.uniq - ALWAYS
          @keys = [*(ALWAYS - SHARED), *own.sort, *SHARED].freeze
          @index = @keys.each_with_index.to_h.freeze
        end

        def prior(key)
          row = Priors.of(key)
          if level_known || key != "market"
            row
          else
            Priors::Row.new(mean: row.mean, sd: Priors::LEVEL_UNKNOWN,
                            said: row.said)
          end
        end

        # What of a value is known beside the parameters, by what was seen of that one piece. spread: of a piece
        # among its kind. Returns Local: value = base + Σ parts·θ, with the doubt left; parts: [[index, how much]].
        def local(row, spread)
          total = (1.0 / (spread * spread)) + row.seen.sum(&:precision)
          pull = row.seen.sum(&:precision) / total
          parts = row.features.to_h { |key, much| [index.fetch(key), much * (1 - pull)] }
          base = row.base * (1 - pull)
          row.seen.each do |seen|
            share = seen.precision / total
            base += seen.log * share
            next unless seen.bias

            place = index.fetch(seen.bias)
            parts[place] = parts.fetch(place, 0.0) - share
          end
          Local.new(base, parts.to_a, 1.0 / Math.sqrt(total))
        end

        Local = Struct.new(:base, :parts, :doubt)

        # What was seen, as a quadratic in θ: [rows to add to the curvature, to the right side, constant of the
        # log-likelihood]. Every one lies on value + bias, the value N(what the parameters say, spread²).
        def quadratic(spread, rows = stays + sights)
          size = keys.size
          matrix = Array.new(size) { Array.new(size, 0.0) }
          right = Array.new(size, 0.0)
          constant = 0.0
          rows.each { |row| constant += add(row, spread, matrix, right) unless row.seen.empty? }
          [matrix, right, constant]
        end

        private

        def add(row, spread, matrix, right)
          total = 1.0 / (spread * spread)
          sum = Hash.new(0.0)
          rest = 0.0
          squares = 0.0
          constant = Math.log(total)
          row.seen.each do |seen|
            w = seen.precision
            total += w
            constant += Math.log(w)
            residual = seen.log - row.base
            rest += w * residual
            squares += w * residual * residual
            parts = row.features.map { |key, much| [index.fetch(key), much] }
            parts << [index.fetch(seen.bias), 1.0] if seen.bias
            parts.each do |i, much|
              sum[i] += w * much
              right[i] += w * much * residual
              parts.each { |j, other| matrix[i][j] += w * much * other }
            end
          end
          sum.each do |i, much|
            right[i] -= much * rest / total
            sum.each { |j, other| matrix[i][j] -= much * other / total }
          end
          0.5 * (constant - Math.log(total) - squares + (rest * rest / total))
        end
      end
    end
  end
end
