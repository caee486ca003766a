# frozen_string_literal: true

module Core
  module Scout
    # The answer in words, with its reason and what would change it.
    class Verdict
      # key: "buy", "less" (only for less pay than aimed for), "leave", "never" or "unknown"; missing: what an
      # answer lacks, "pay", "resale", "hours" or "materials", nil where it lacks nothing.
      attr_reader :key, :text, :changes, :missing

      # prospect: Prospect; currency: Units::Currency, in which amounts are said.
      def initialize(prospect, currency:)
        @prospect = prospect
        @amounts = Units::MoneyWriter.new(currency)
        @key = decide
        @missing = lacks if @key == "unknown"
        @text = send(:"say_#{key}")
        @changes = change.freeze
      end

      # The answer at arm's length, in two or three words; nil where there is none.
      def short
        return { "unknown" => nil, "never" => "no" }.fetch(key, "only for less pay") if most.nil? || most.negative?

        { "buy" => ("yes, " if ask), "leave" => "no, " }[key].to_s + "up to #{@amounts.at_most(most)}"
      end

      # How sure that is, in a sentence: what an hour likely earns at the tag and how often target pay is reached;
      # nil where it cannot be told.
      def doubt
        chance = prospect.chance.amount
        low, high = prospect.pay_between
        return unless chance && low

        "Likely #{@amounts.rates(low, high)} an hour. It's #{Units::Numerals.chance(chance)} likely to reach your target pay."
      end

      private

      attr_reader :prospect

      # What is not known, the nearest to be told first.
      def lacks
        { "resale" => prospect.resale, "hours" => prospect.hours, "materials" => prospect.materials }.find do |_, known|
          known.nil?
        end&.first || "pay"
      end

      # What an hour earns at a price, or what is left where no hours are expected.
      def earned(seen)
        return "you'd make about #{@amounts.about(seen.profit.amount)} without any work" unless seen.pay.amount
        return "you'd lose about #{@amounts.about(-seen.profit.amount)}" if seen.profit.amount.negative?

        "you'd make about #{@amounts.rate(seen.pay.amount)} an hour"
      end

      def most = prospect.most.amount
      def ask = prospect.ask

      def decide
        return "unknown" unless most
        return "never" if most.negative? && !bearable?
        return most.negative? ? "less" : "buy" if ask.nil?
        return "buy" if ask <= most

        prospect.walk_away.amount && ask > prospect.walk_away.amount ? "leave" : "less"
      end

      # Whether the least acceptable pay is reached at some price.
      def bearable? = prospect.walk_away.amount&.positive? || false

      def say_unknown = "No answer yet: #{prospect.most.why}."

      def say_never
        zero = Prospect.new(resale: prospect.resale, hours: prospect.hours, materials: prospect.materials, ask: 0,
                            terms: prospect.terms)
        return "Not even for free: it costs more than it brings in." unless zero.pay.amount

        "Not even for free: #{earned(zero).sub('make', 'still make only')}."
      end

      def say_buy
        return "Pay #{@amounts.at_most(most)} at most." unless ask

        "A good buy at #{@amounts.price(ask)}: #{earned(prospect)}. Pay #{@amounts.at_most(most)} at most."
      end

      def say_less
        return below_target if most.negative?

        "Pay #{@amounts.at_most(most)} at most. At #{@amounts.price(ask)} #{earned(prospect)}, below your target."
      end

      # Even free it misses the pay aimed for, not the least that is accepted.
      def below_target
        start = "It won't reach your target pay, even for free. Up to #{@amounts.at_most(prospect.walk_away.amount)} you'd make at least your minimum"
        return "#{start}." unless ask

        "#{start}; at #{@amounts.price(ask)} #{earned(prospect)}."
      end

      def say_leave
        limit = most.negative? ? "Even for free it wouldn't reach your target pay." : "Pay #{@amounts.at_most(most)} at most."
        "Pass at #{@amounts.price(ask)}: #{earned(prospect).sub('make about', 'make only about')}, below your minimum. #{limit}"
      end

      # What would turn the answer, in a sentence; empty where nothing would.
      def change
        return [] unless ask && most

        gap = prospect.shortfall
        gap.positive? ? to_worth(gap) : to_unworth(-gap)
      end

      def to_worth(gap)
        seconds = seconds_of(gap)
        ways = [("you save #{effort(seconds)} of work" if seconds && seconds < prospect.hours.mean),
                "sell it for #{@amounts.enough(gap / (1 - prospect.terms.fee_rate))} more",
                ("get the price down to #{@amounts.at_most(most)}" unless most.negative?)].compact
        ways[0] = "you #{ways[0]}" unless ways[0].start_with?("you ")
        ["It's worth it if #{one_of(ways)}."]
      end

      def to_unworth(room)
        return [] if room.zero?

        seconds = seconds_of(room)
        ways = [("it takes #{effort(seconds)} longer than expected" if seconds&.positive?),
                "it sells for #{@amounts.enough(room / (1 - prospect.terms.fee_rate))} less"].compact
        ["It pays less than your target if #{one_of(ways)}."]
      end

      # "a, b, or c".
      def one_of(ways)
        ways.size < 3 ? ways.join(" or ") : "#{ways[0..-2].join(', ')}, or #{ways.last}"
      end

      # Whole minutes of target pay in an amount, rounded up; nil without a pay.
      def seconds_of(amount)
        pay = prospect.terms.target_pay
        (amount * 60 / pay).ceil * 60 if pay&.positive?
      end

      def effort(seconds) = Units::Effort.enough(seconds)
    end
  end
end
