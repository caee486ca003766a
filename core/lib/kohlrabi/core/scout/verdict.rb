# frozen_string_literal: true

module Kohlrabi
  module Core
    module Scout
      # The answer in words, with its reason and what would change it.
      class Verdict
        # key: "buy", "less" (only for less pay than aimed for), "leave", "never" or "unknown".
        attr_reader :key, :text, :changes

        # prospect: Prospect; currency: Units::Currency, in which amounts are said.
        def initialize(prospect, currency:)
          @prospect = prospect
          @currency = currency
          @key = decide
          @text = send(:"say_#{key}")
          @changes = change.freeze
        end

        private

        attr_reader :prospect

        def most = prospect.most.amount
        def ask = prospect.ask

        def decide
          return "unknown" unless most
          return "never" if most.negative?
          return "buy" if ask.nil? || ask <= most

          prospect.walk_away.amount && ask > prospect.walk_away.amount ? "leave" : "less"
        end

        def say_unknown = "No answer yet: #{prospect.most.why}."

        def say_never
          zero = Prospect.new(resale: prospect.resale, hours: prospect.hours, materials: prospect.materials, ask: 0, terms: prospect.terms)
          "Not even free: for nothing you would still work for #{money(zero.pay.amount)} an hour."
        end

        def say_buy
          return "Worth it up to #{money(most)}." unless ask

          "Worth it up to #{money(most)}; at #{money(ask)} you work for #{money(prospect.pay.amount)} an hour."
        end

        def say_less
          "Worth it up to #{money(most)}; at #{money(ask)} you work for #{money(prospect.pay.amount)} an hour, less than you aim for."
        end

        def say_leave
          "Leave it at #{money(ask)}: you would work for #{money(prospect.pay.amount)} an hour, under the least you accept. " \
            "Worth it up to #{money(most)}."
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
end
