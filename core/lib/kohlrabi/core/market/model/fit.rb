# frozen_string_literal: true

module Core
  module Market
    module Model
      # What own listings and prices seen say of the market, once the sums are done: the parameters, how far each is
      # in doubt, and who says how much. keys: of the parameters; theta: Array of Float; covariance: rows; spread:
      # of a piece among its kind (log); evidence: of that spread; shares: {whose => [indices, rows]} of the
      # curvature; listings, sold: how many it rests on; level_known: as Evidence.
      Fit = Struct.new(:keys, :theta, :covariance, :spread, :evidence, :shares, :listings, :sold, :level_known,
                       keyword_init: true)

      # How it is asked.
      class Fit
        # What is taken for granted, with nothing behind it.
        def self.usual(level_known: true)
          Fitter.of(Evidence.new([], [], level_known: level_known), spreads: [Priors::SPREADS[1]])
        end

        # A matrix without its empty rows: [indices, rows].
        def self.sparse(matrix)
          used = matrix.each_index.reject { |i| matrix[i].all?(&:zero?) }
          [used, used.map { |i| matrix[i].values_at(*used) }]
        end

        def index = @index ||= keys.each_with_index.to_h
        def at(key) = index[key] && theta[index[key]]

        # Own figure of a parameter, or its prior's where nothing spoke of it.
        def mean(key) = at(key) || Priors.of(key).mean

        def beta = Math.exp(at("slope"))
        def season = [at("season_cos"), at("season_sin")]

        # How much a month speeds sales: 1 in a month like the year.
        def month(number)
          cos, sin = ListingPath::WAVES[number]
          Math.exp((season[0] * cos) + (season[1] * sin))
        end

        # Spread left of a parameter.
        def sd(key) = index[key] ? Math.sqrt([covariance[index[key]][index[key]], 0.0].max) : prior_sd(key)

        def prior_sd(key) = key == "market" && !level_known ? Priors::LEVEL_UNKNOWN : Priors.of(key).sd

        # Covariance · c for c given as {index => how much}.
        def spread_along(parts) = covariance.map { |row| parts.sum { |i, much| row[i] * much } }

        # yᵀ H y of one share.
        def along(whose, direction)
          used, rows = shares[whose]
          return 0.0 unless used

          picked = direction.values_at(*used)
          rows.each_with_index.sum { |row, i| picked[i] * row.each_with_index.sum { |part, j| part * picked[j] } }
        end
      end
    end
  end
end
