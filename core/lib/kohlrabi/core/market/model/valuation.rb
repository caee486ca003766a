# frozen_string_literal: true

module Core
  module Market
    module Model
      # The value of one piece, from all who say something about it, each counted by how sure it is.
      class Valuation
        # A figure about this very piece that the fit knows nothing of. key: typed or new; log; sd.
        Further = Struct.new(:key, :log, :sd, keyword_init: true)

        BIASES = %w[asked_dear sold_bias].freeze

        # fit: Fit; row: Evidence::Sight of the piece (its seen: prices looked up for it); further: Array of
        # Further; known: whether what was seen for it is in the fit already; counts: {source key => how many}.
        def initialize(fit, row, further: [], known: true, counts: {})
          @fit = fit
          @row = row
          @further = further
          @known = known
          @counts = counts
          @sharp = 1.0 / (fit.spread**2)
          @total = @sharp + row.seen.sum(&:precision)
        end

        # Returns Value.
        def value
          log, variance = together
          precision = (1.0 / variance) + @further.sum { |one| 1.0 / (one.sd**2) }
          middle = ((log / variance) + @further.sum { |one| one.log / (one.sd**2) }) / precision
          Value.new(log: middle, doubt: Math.sqrt(1.0 / precision), sources: sources(variance, precision)).freeze
        end

        private

        attr_reader :fit, :row

        # Of the fit and of what was seen for it: [ln, variance].
        def together
          rest = row.seen.sum(&:precision) / @total
          log = base * (1 - rest)
          row.seen.each { |seen| log += (seen.log - fit.mean(seen.bias)) * seen.precision / @total }
          [log, (1.0 / @total) + unknown(1 - rest) + slopes.sum { |i, much| much * direction[i] }]
        end

        # What its kind is worth, by the fit.
        def base = @base ||= row.base + row.features.sum { |key, much| much * fit.mean(key) }

        # How its value moves with the parameters: {index => how much}.
        def slopes
          @slopes ||= begin
            pull = row.seen.sum(&:precision) / @total
            found = Hash.new(0.0)
            row.features.each { |key, much| found[fit.index[key]] += much * (1 - pull) if fit.index[key] }
            row.seen.each { |seen| found[fit.index[seen.bias]] -= seen.precision / @total }
            found
          end
        end

        # Covariance of the parameters with its value.
        def direction = @direction ||= fit.spread_along(slopes)

        # Variance of parameters that nothing spoke of yet.
        def unknown(share)
          row.features.sum { |key, much| fit.index[key] ? 0.0 : (much * share * fit.prior_sd(key))**2 }
        end

        # Covariance of the piece's own part with its value.
        def own_part
          pull = row.seen.sum(&:precision) / @total
          through = row.features.sum do |key, much|
            fit.index[key] ? much * direction[fit.index[key]] : much * much * (1 - pull) * (fit.prior_sd(key)**2)
          end
          biases = row.seen.sum { |seen| seen.precision / @total * direction[fit.index[seen.bias]] }
          (1.0 / @total) - (pull * through) - biases
        end

        # Shares of the weight: yᵀ H_j y over its sum, y the direction of the value among all parameters and its own
        # part.
        def sources(variance, precision)
          parts = weights
          whole = parts.values.sum
          left = (1.0 / variance) / precision
          found = parts.map { |key, weight| [key, left * weight / whole] } + @further.map do |one|
            [one.key, 1.0 / (one.sd**2) / precision]
          end
          found.reject { |_, share| share < 0.0005 }.sort_by { |key, share| [-share, key] }
               .map { |key, share| Value::Source.new(key: key, number: @counts[key], share: share, log: says[key]).freeze }
        end

        # What is taken for granted of how prices seen stand counts to those prices, of how sales go to the
        # listings. That a piece lies about where its kind lies, shifted as usual, is nobody's saying: it counts to
        # those who tell where that is.
        def weights
          own = own_part
          kind = "own:#{row.kind}"
          others = fit.shares.keys.select do |key|
            key.start_with?("own:") && key != kind
          end.sum { |key| fit.along(key, direction) }
          own_kind = { "own" => fit.along(kind, direction), "others" => others }
          seen = { "seen" => fit.along("seen", direction) - marginal, "comparables" => comparables(own) }
          usual = prior(fit.keys.select { |key| level?(key) }) + unknown_prior(level: true)
          parts = { **shared(own_kind, prior(Evidence::SHARED)), **shared(seen, prior(BIASES)), "usual" => usual }
          parts.transform_values! { |weight| [weight, 0.0].max }
          whole = parts.except("comparables").values.sum
          among = (own * own * @sharp) + prior(fit.keys.reject { |key|
            level?(key)
          } - Evidence::SHARED - BIASES) + unknown_prior(level: false)
          parts.to_h { |key, weight| [key, key == "comparables" ? weight : weight * (1 + (among / whole))] }
        end

        # Whether a parameter says where a kind lies, rather than how its condition, finish or maker shifts it.
        def level?(key) = key == "market" || key.start_with?("kind:")

        # So much more, in the proportion in which they stand.
        def shared(parts, more)
          whole = parts.values.sum
          whole.positive? ? parts.transform_values { |weight| weight * (1 + (more / whole)) } : parts
        end

        # Each price seen for it, against the value it would have.
        def comparables(own)
          row.seen.sum { |seen| seen.precision * ((through(seen) + own)**2) }
        end

        def through(seen)
          pull = row.seen.sum(&:precision) / @total
          row.features.sum do |key, much|
            fit.index[key] ? much * direction[fit.index[key]] : much * much * (1 - pull) * (fit.prior_sd(key)**2)
          end +
            direction[fit.index[seen.bias]]
        end

        # What the fit had of its comparables already, so that they do not count twice.
        def marginal
          return 0.0 if row.seen.empty? || !@known

          biasless = row.seen.map { |seen| [seen.precision, through(seen)] }
          biasless.sum { |w, at| w * at * at } - ((biasless.sum { |w, at| w * at }**2) / @total)
        end

        def prior(keys) = keys.sum { |key| (direction[fit.index[key]]**2) / (fit.prior_sd(key)**2) }

        # Of parameters that nothing spoke of yet.
        def unknown_prior(level:)
          pull = row.seen.sum(&:precision) / @total
          row.features.sum do |key, much|
            fit.index[key] || level?(key) != level ? 0.0 : (much * (1 - pull) * fit.prior_sd(key))**2
          end
        end

        # What a source says by itself, where it can be said.
        def says
          @says ||= begin
            seen = row.seen.sum(&:precision)
            mine = seen.positive? ? row.seen.sum { |one| (one.log - fit.mean(one.bias)) * one.precision } / seen : nil
            { "usual" => row.base + row.features.sum do |key, much|
              much * Priors.of(key).mean
            end, "comparables" => mine, "own" => base,
              **@further.to_h { |one| [one.key, one.log] } }
          end
        end
      end
    end
  end
end
