# frozen_string_literal: true

module MarketBench
  # Draws from a seeded generator.
  module Draw
    extend self

    def normal(random, mean = 0.0, sd = 1.0)
      mean + (sd * Math.sqrt(-2 * Math.log(1.0 - random.rand)) * Math.cos(2 * Math::PI * random.rand))
    end
  end

  # An invented market whose truth is known. Every regime fixes, or draws for one workshop: how values lie about the
  # usual table, how comparables stand, and how the chance of sale moves with price and time. At ask = value half are
  # sold within 21 days, whatever the shape.
  class Regime
    H_REF = Math.log(2) / 21
    CAP = 6.0

    attr_reader :name

    # own: whether it is of the model's own shape; prior: whether its truth is drawn from the model's priors.
    def initialize(name, own: false, prior: false, &draw)
      @name = name
      @own = own
      @prior = prior
      @draw = draw
    end

    def own? = @own
    def prior? = @prior

    # What is true for one workshop. market, kinds: log shifts of the usual table; piece: lambda(random) → log shift
    # of one piece; spread: of that; dear: how much dearer comparables stand, noise: their spread; got: lambda(random)
    # → share got; demand: lambda(x, day of stay, date) → rate.
    Truth = Struct.new(:market, :kinds, :piece, :spread, :dear, :noise, :got, :demand, keyword_init: true)

    def truth(random) = @draw.call(random)

    def self.bounded(x, beta) = CAP / (1 + ((CAP - 1) * Math.exp([beta * x * CAP / (CAP - 1), 500].min)))

    def self.waves(cos, sin)
      ->(date) { Math.exp((cos * Math.cos((date.month - 0.5) * Math::PI / 6)) + (sin * Math.sin((date.month - 0.5) * Math::PI / 6))) }
    end

    # Truth with what most regimes share.
    def self.usual(random, **other)
      Truth.new(market: Draw.normal(random, 0, 0.3), kinds: Array.new(10) do
        Draw.normal(random, 0, 0.3)
      end, dear: Draw.normal(random, 0.1625, 0.2),
                noise: 0.25, got: ->(r) { [Draw.normal(r, 0.93, 0.04), 1.0].min }, **other)
    end

    ALL = [
      new("drawn from the priors", own: true, prior: true) do |random|
        beta = Math.exp(Draw.normal(random, Math.log(4.25), 0.4))
        season = waves(Draw.normal(random, 0, 0.2), Draw.normal(random, 0, 0.2))
        spread = [0.15, 0.22, 0.30].sample(random: random)
        usual(random, spread: spread, piece: ->(r) { Draw.normal(r, 0, spread) },
                      demand: ->(x, _, date) { H_REF * bounded(x, beta) * season.call(date) })
      end,
      new("own shape, thrifty buyers, table a fifth low", own: true) do |random|
        season = waves(-0.2, 0.1)
        usual(random, market: 0.2, spread: 0.22, piece: ->(r) { Draw.normal(r, 0, 0.22) }, dear: 0.1,
                      demand: ->(x, _, date) { H_REF * bounded(x, 5.2) * season.call(date) })
      end,
      # Most look for a bargain, a few want just this one and pay for it: a curve that is steep at first and flat
      # further up.
      new("two sorts of buyers") do |random|
        usual(random, spread: 0.2, piece: ->(r) { Draw.normal(r, 0, 0.2) },
                      demand: lambda do |x, _, _|
                        (H_REF * 0.8 * bounded(x, 6.5)) + (H_REF * 0.2 * bounded(x, 1.6))
                      end)
      end,
      # Most is seen in the first days, then the listing sinks; offers are low.
      new("novelty fades") do |random|
        scale = 21 / ((1.8 * 15 * (1 - Math.exp(-21 / 15.0))) + (0.45 * 21))
        usual(random, spread: 0.2, piece: ->(r) { Draw.normal(r, 0, 0.2) }, got: lambda { |r|
          [Draw.normal(r, 0.88, 0.05), 1.0].min
        },
                      demand: lambda { |x, day, _|
                        H_REF * scale * ((1.8 * Math.exp(-day / 15.0)) + 0.45) * bounded(x, 4.0)
                      })
      end,
      # Buyers come by with a limit of their own and more of them after pay-day; a piece is either a catch or a dud.
      new("limits, pay-days, catches and duds") do |random|
        below = ->(z) { 0.5 * Math.erfc(z / Math.sqrt(2)) }
        at_value = below.call(0.6)
        usual(random, spread: 0.26, piece: ->(r) { (r.rand < 0.5 ? 0.24 : -0.24) + Draw.normal(r, 0, 0.1) }, noise: 0.3,
                      demand: lambda do |x, _, date|
                        H_REF * (date.day > 25 || date.day < 4 ? 1.6 : 0.8) * below.call((x / 0.33) + 0.6) / at_value
                      end)
      end
    ].freeze
  end
end
