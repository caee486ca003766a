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
        @currency = currency
        @key = decide
        @missing = lacks if @key == "unknown"
        @text = send(:"say_#{key}")
        @changes = change.freeze
      end

      # The answer at arm's length, in two or three words; nil where there is none.
      def short
        return { "unknown" => nil, "never" => "no" }.fetch(key, "only for less pay") if most.nil? || most.negative?

        { "buy" => ("yes, " if ask), "leave" => "no, " }[key].to_s + "up to #{money(most)}"
      end

      # How sure that is, in a sentence: what an hour likely earns at the tag and how often target pay is reached;
      # nil where it cannot be told.
      def doubt
        chance = prospect.chance.amount
        low, high = prospect.pay_between
        return unless chance && low

        "Likely #{money(low)} to #{money(high)} an hour, four times of five; target pay is reached #{(chance * 100).round} times in 100."
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
        seen.pay.amount ? "you work for #{money(seen.pay.amount)} an hour" : "it leaves #{money(seen.profit.amount)} for no hours at all"
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
        return "Not even free: it costs more than it brings." unless zero.pay.amount

        "Not even free: for nothing you would still work for #{money(zero.pay.amount)} an hour."
      end

      def say_buy
        return "Worth it up to #{money(most)}." unless ask

        "Worth it up to #{money(most)}; at #{money(ask)} #{earned(prospect)}."
      end

      def say_less
        return below_target if most.negative?

        "Worth it up to #{money(most)}; at #{money(ask)} #{earned(prospect)}, less than you aim for."
      end

      # Even free it misses the pay aimed for, not the least that is accepted.
      def below_target
        limit = money(prospect.walk_away.amount)
        return "Only for less pay than you aim for, up to #{limit}." unless ask

        "Only for less pay than you aim for, up to #{limit}; at #{money(ask)} #{earned(prospect)}."
      end

      def say_leave
        limit = most.negative? ? "Even free it misses the pay you aim for." : "Worth it up to #{money(most)}."
        "Leave it at #{money(ask)}: #{earned(prospect).sub('you work', 'you would work')}, under the least you accept. #{limit}"
      end

      # What would turn the answer, nearest first.
      def change
        return [] unless ask && most

        gap = prospect.shortfall
        gap.positive? ? to_worth(gap) : to_unworth(-gap)
      end

      def to_worth(gap)
        rows = []
        seconds = seconds_of(gap)
        rows << "#{effort(seconds)} less work makes it worth it" if seconds && seconds < prospect.hours.mean
        rows << "so does a resale #{money(gap / (1 - prospect.terms.fee_rate))} higher"
        rows << "so does a tag of #{money(most)}" unless most.negative?
        rows
      end

      def to_unworth(room)
        return [] if room.zero?

        seconds = seconds_of(room)
        [("#{effort(seconds)} more work than expected would use up what is left" if seconds&.positive?),
         "a resale #{money(room / (1 - prospect.terms.fee_rate))} lower would too"].compact
      end

      # Whole minutes of target pay in an amount, rounded up; nil without a pay.
      def seconds_of(amount)
        pay = prospect.terms.target_pay
        (amount * 60 / pay).ceil * 60 if pay&.positive?
      end

      def money(minor) = Units::MoneyText.text(minor, @currency)
      def effort(seconds) = Units::Effort.text(seconds)
    end
  end
end
