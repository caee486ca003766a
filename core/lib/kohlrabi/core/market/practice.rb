# frozen_string_literal: true

module Core
  module Market
    # A market played for practice: invented buyers who ask, offer and sometimes do not come. Nothing of it is real,
    # nothing is recorded, and its figures say nothing about the market outside. The same seed plays the same days.
    class Practice
      NAMES = %w[Ama Brann Cosima Dario Edda Falk Greta Hanno Ilse Jorin].freeze
      ASKS = ["Is it still there?", "Could you send me the dimensions?", "Does it still smell of paint?", "Can you deliver it?",
              "Do the drawers slide well?"].freeze
      CHANCE = 0.45 # of a message a day at a price that is what it is worth
      # kind: :ask, :offer or :gone; who; text; amount: minor units or nil.
      Message = Struct.new(:day, :kind, :who, :text, :amount, keyword_init: true)

      # asking, worth: minor units; seed: Integer; text: minor units to words.
      def initialize(asking:, worth:, seed:, text: :to_s.to_proc)
        @asking = asking
        @worth = worth
        @seed = seed
        @text = text
      end

      # Array of Message of the first so many days.
      def days(count) = (1..count).flat_map { |day| on(day) }

      # What a buyer says to a counter: true where he takes it. Nobody pays less than he has offered, nor more than
      # it is worth to him.
      def takes?(message, counter) = counter <= limit(message)

      private

      def on(day)
        random = Random.new((@seed * 1000) + day)
        keen = (@worth.to_f / @asking).clamp(0.3, 1.6)
        Array.new(2) { message(day, random, keen) if random.rand < CHANCE * (keen**2) }.compact
      end

      def message(day, random, keen)
        who = NAMES.sample(random: random)
        roll = random.rand
        return Message.new(day: day, kind: :ask, who: who, text: ASKS.sample(random: random)) if roll < 0.5
        return Message.new(day: day, kind: :gone, who: who, text: "Said they'd come by today, but didn't.") if roll < 0.6

        share = roll < 0.72 ? random.rand(0.35..0.6) : random.rand(0.7..0.95)
        amount = [round(@asking * share * [keen, 1.0].min), 1].max
        Message.new(day: day, kind: :offer, who: who, text: "Would you take #{@text.price(amount)}?", amount: amount)
      end

      # Between his offer and what it is worth to him, fixed by who he is and when.
      def limit(message)
        random = Random.new((@seed * 7919) + (message.day * 31) + message.amount)
        message.amount + ([[@worth, @asking].min - message.amount, 0].max * random.rand).floor
      end

      # To a figure that people name: two leading digits.
      def round(amount)
        step = 10**[Math.log10([amount, 1].max).floor - 1, 0].max
        (amount / step).round * step
      end
    end
  end
end
