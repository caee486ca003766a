# frozen_string_literal: true

module MarketBench
  Model = Core::Market::Model

  # One invented workshop: 150 pieces listed one after the other, priced by the model, which is fitted again every ten
  # sales.
  class Workshop
    LISTINGS = 150
    EVERY = 5 # days between listings
    START = Date.new(2023, 1, 2)
    CHECKS = [0, 10, 30, 100].freeze
    NEXT = 10 # listings after a check that are counted
    COST = 1/3r # of what its kind is worth: bought for and put into it
    ORACLES = {} # rubocop:disable Style/MutableConstant
    WEIGHTS = [5, 4, 3, 3, 2, 2, 1, 1, 1, 1].flat_map.with_index { |n, kind| [kind] * n }.freeze
    PROGRAMMES = {} # rubocop:disable Style/MutableConstant

    # Sums by check: {check => {who => [profit, days]}}; inside: how many values lay in their interval, of how many.
    attr_reader :sums, :inside, :looked_at

    def initialize(regime, seed, others:)
      @random = Random.new(seed)
      @regime = regime
      @truth = regime.truth(@random)
      @others = others
      @usual = Array.new(10) { Math.log(6000) + (@random.rand * Math.log(6)) }
      @sums = CHECKS.to_h { |check| [check, Hash.new { |all, who| all[who] = [0.0, 0.0] }] }
      @inside = @looked_at = 0
    end

    def play
      @fit = Model::Fit.usual
      @fitted = 0
      @past = []
      @counted = Hash.new(0)
      LISTINGS.times { |i| list(piece(START + (i * EVERY))) }
      self
    end

    private

    def piece(date)
      kind = WEIGHTS.sample(random: @random)
      typical = @usual[kind] + @truth.market + @truth.kinds[kind]
      value = typical + @truth.piece.call(@random)
      others = Array.new(@others ? 3 : 0) { value + @truth.dear + Draw.normal(@random, 0, @truth.noise) }
      Piece.new(kind: kind, usual: @usual[kind], value: value, others: others, listed: date,
                cost: COST * Math.exp(typical + Draw.normal(@random, 0, 0.3)))
    end

    def list(piece)
      renew(piece.listed)
      value = model_value(piece)
      @looked_at += 1
      @inside += 1 if (piece.value - value.log).abs <= Model::Value::EIGHTY * value.doubt
      steps = model_steps(value, piece.listed, worth_of_a_day(piece, value))
      count(piece, steps)
      day, log = Truly.sale(steps, piece.value, @truth, piece.listed, @random)
      got = day && (Math.exp(log) * @truth.got.call(@random))
      @past << [piece, steps, day, got, log]
    end

    def sold(date) = @past.count { |piece, _, day, *| day && piece.listed + day <= date }

    # Again every ten sales, from all that is known on the day.
    def renew(date)
      number = sold(date)
      return if @past.empty? || number < @fitted + 10

      @fitted = number - (number % 10)
      @got = Model::SaleToAsk.of(@past.filter_map do |piece, _, day, got, log|
        [got, Math.exp(log)] if day && piece.listed + day <= date
      end)
      @day = place_day(date)
      @fit = Model::Fitter.of(Model::Evidence.new(@past.map { |row| stay(row, date) }), from: @fit)
    end

    # What a place earned a day, as a share of the value: of what sold, over all days on which a place was taken.
    def place_day(date)
      done = @past.select { |piece, _, day, *| day && piece.listed + day <= date }
      profit = done.sum { |piece, _, _, got, _| got - piece.cost }
      days = @past.sum { |piece, _, day, *| [day || 182, (date - piece.listed).to_i].min + Truly::WAITING }
      (profit / days / (done.sum { |_, _, _, got, _| got } / done.size / @got.share)).clamp(0.005, 0.02)
    end

    # Own record and what this piece is expected to earn, the second counted as ten sales.
    def worth_of_a_day(piece, value)
      expected = expected_day(piece, value)
      @day ? ((@day * @fitted) + (expected * 10)) / (@fitted + 10) : expected
    end

    # Before there is a record: what this piece would earn a day of its place, were it sold at its value after six
    # weeks.
    def expected_day(piece, value) = ((0.93 - (piece.cost / value.middle)) / (42 + Truly::WAITING)).clamp(0.005, 0.02)

    def stay((piece, steps, day, got, _), date)
      known = day && piece.listed + day <= date
      last = known ? piece.listed + day : [date, piece.listed + 182].min
      from = piece.listed
      asks = steps.map { |log, days| [from, Math.exp(log).round].tap { from += days.to_i } }
      asks = asks.select { |on, _| on < last || on == piece.listed }
      Model::ListingPath.new(kind: piece.kind.to_s, base: piece.usual, features: features(piece), sold: known ? true : false, seen: seen(piece),
                             stretches: Model::ListingPath.path(asks, to: last, got: known ? got : nil, usual: @got.share),
                             weight: 2**(-(date - last).to_f / Model::Priors::HALF_LIFE))
    end

    def features(piece) = { "market" => 1.0, "kind:#{piece.kind}" => 1.0 }
    def seen(piece) = piece.others.map { |log| Model::PriceObservation.of(Math.exp(log), sold: false) }

    def model_value(piece)
      row = Model::Evidence::Sight.new(kind: piece.kind.to_s, base: piece.usual, features: features(piece),
                                       seen: seen(piece))
      Model::Valuation.new(@fit, row, known: false).value
    end

    # By terms without a scale: worked out once for all that are alike to a hundredth.
    def model_steps(value, date, day)
      season = @fit.month((date + 28).month)
      key = [@fit.beta.round(1), value.doubt.round(2), day.round(3), (@got&.share || 0.93).round(2), season.round(1)]
      relative = PROGRAMMES[key] ||= programme(*key)
      relative.map { |log, days| [log + value.log, days] }
    end

    def programme(beta, doubt, day, got, season)
      position = Model::Position.new(value: Model::Value.new(log: Math.log(10_000), doubt: doubt, sources: []), beta: beta, got: got,
                                     net: Model::Net.new(fee_rate: 0, fixed: 0), day: day * 10_000, season: [season])
      prices = (-28..32).map do |n|
        (10_000 * Math.exp(n * 0.03)).round
      end.select { |price| price <= position.value.high || price == 10_000 }
      Model::Programme.new(position, prices).best_course.steps.map { |price, days| [Math.log(price / 10_000.0), days] }
    end

    def count(piece, steps)
      now = sold(piece.listed)
      check = CHECKS.reverse.find { |one| now >= one }
      return if (@counted[check] += 1) > NEXT

      add(check, "model", piece, steps)
      add(check, "knows the market", piece, oracle(piece))
      by_kind = @past.select do |other, _, day, *|
        day && other.listed + day <= piece.listed
      end.group_by { |other, *| other.kind }
         .transform_values { |rows| rows.map(&:last) }
      middle = Rivals.middle(piece, by_kind)
      Rivals::ALL.each { |who, rule| add(check, who, piece, rule.call(piece, middle)) }
    end

    def add(check, who, piece, steps)
      money, days = Truly.of(steps, piece.value, @truth, 0.93, piece.listed)
      sum = @sums[check][who]
      sum[0] += (money - piece.cost) / Math.exp(piece.usual)
      sum[1] += days + Truly::WAITING
    end

    # The same for all workshops of a regime, unless each has a demand of its own.
    def knows(doubt)
      @regime.prior? ? Oracle.new(@truth, doubt) : ORACLES[[@regime.name, doubt.round(3)]] ||= Oracle.new(@truth, doubt)
    end

    def oracle(piece)
      typical = piece.usual + @truth.market + @truth.kinds[piece.kind]
      own = 1 / (@truth.spread**2)
      each = 1 / (@truth.noise**2)
      total = own + (each * piece.others.size)
      at = ((typical * own) + (piece.others.sum { |log| log - @truth.dear } * each)) / total
      @oracle ||= knows(Math.sqrt(1 / total))
      @oracle.steps.map { |log, days| [log + at, days] }
    end
  end
end
