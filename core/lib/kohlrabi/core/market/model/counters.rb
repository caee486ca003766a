# frozen_string_literal: true

module Core
  module Market
    module Model
      # How willing buyers are to come up to a counter: of those whose limits lie evenly between offer and asking
      # price a share x takes it, x = (asking − counter) ÷ (asking − offer); own counters say whether it is rather
      # x^θ. ln θ ~ N(0, 0.5²) before there are any (common practice, weak, no source). θ above 1: fewer take it
      # than limits spread evenly would.
      class Counters
        SPREAD = 0.5
        Tried = Struct.new(:offer, :asking, :counter, :taken, keyword_init: true)

        attr_reader :theta, :tried, :taken

        # tried: Array of Tried, minor units; one that is no counter between the two counts for nothing.
        def initialize(tried = [])
          shares = tried.select { |one| one.asking > one.counter && one.counter > one.offer }
                        .map { |one| [Rational(one.asking - one.counter, one.asking - one.offer).to_f, one.taken] }
          @tried = shares.size
          @taken = shares.count(&:last)
          @theta = Math.exp(best(shares))
        end

        # Share of buyers who offered so much and take such a counter.
        def taking(offer:, asking:, counter:)
          return 1.0 if counter <= offer
          return 0.0 if counter >= asking

          ((asking - counter).to_f / (asking - offer))**theta
        end

        # The counter that brings most, worth: what is left after a no. (asking + θ·worth) ÷ (1 + θ): half-way
        # between at θ = 1.
        def best_for(asking:, worth:) = (asking + (theta * worth)) / (1 + theta)

        def text
          return "a built-in guess: none of your counteroffers are recorded yet" if tried.zero?

          "#{taken} of your #{tried == 1 ? 'one counteroffer was' : "#{tried} counteroffers were"} accepted"
        end

        private

        # ln θ by golden section: the log-posterior has one top.
        def best(shares)
          return 0.0 if shares.empty?

          low = -2.0
          high = 2.0
          ratio = (Math.sqrt(5) - 1) / 2
          60.times do
            one = high - (ratio * (high - low))
            two = low + (ratio * (high - low))
            posterior(shares, one) > posterior(shares, two) ? high = two : low = one
          end
          (low + high) / 2
        end

        def posterior(shares, log)
          theta = Math.exp(log)
          shares.sum do |x, taken|
            taken ? theta * Math.log(x) : Math.log([1 - (x**theta), 1e-12].max)
          end - (log * log / (2 * SPREAD * SPREAD))
        end
      end
    end
  end
end
