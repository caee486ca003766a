# frozen_string_literal: true

module Core
  module Books
    # Whether a flip that ended was worth it: what it paid against what was aimed for, and what made the difference
    # to what was expected.
    class WorthIt
      # What was expected, and what came: resale, costs: minor units; seconds: of work. Each nil where not known.
      Figures = Struct.new(:resale, :costs, :seconds, keyword_init: true)
      # verdict: :worth, :less, :not or :unknown; text: sentence; why: Array of sentences, what made most difference
      # first.
      Answer = Struct.new(:verdict, :text, :why, keyword_init: true)
      TRIFLE = 1/50r # of what was expected, below which nothing is said

      # profit: minor units or nil; pay, floor, target: minor units an hour or nil; text: MoneyWriter;
      # effort: writes seconds.
      def initialize(expected:, came:, profit:, pay:, text:, floor: nil, target: nil, effort: Units::Effort.method(:text))
        @expected = expected
        @came = came
        @profit = profit
        @pay = pay
        @floor = floor
        @target = target
        @text = text
        @effort = effort
      end

      def answer
        Answer.new(verdict: verdict, text: words, why: reasons.sort_by { |weight, _| -weight }.map(&:last)).freeze
      end

      private

      def verdict
        return :unknown if @profit.nil?
        return @profit.positive? ? :worth : :not if @pay.nil?
        return :worth if @pay >= (@target || @floor || 0) && @profit.positive?

        @pay >= (@floor || 0) && @profit.positive? ? :less : :not
      end

      def words
        return "Its profit is unknown, so there's no saying whether it was worth it." if @profit.nil?
        return "Profit: #{@text.exact(@profit)}. Record the hours to see what it paid." if @pay.nil?

        { worth: "Worth it: #{@text.rate(@pay)} an hour#{aim}.", less: "It paid less than your target: #{@text.rate(@pay)} an hour#{aim}.",
          not: "Not worth the hours: #{@text.rate(@pay)} an hour#{aim}." }.fetch(verdict)
      end

      def aim = @target ? " (target: #{@text.rate(@target)})" : ""

      # [how much it mattered, sentence].
      def reasons = [difference(:resale, "brought in"), difference(:costs, "cost"), time].compact

      def difference(name, verb)
        expected = @expected[name]
        came = @came[name]
        return unless expected && came && (came - expected).abs > expected * TRIFLE

        [(came - expected).abs, "It #{verb} #{money((came - expected).abs)} #{came > expected ? 'more' : 'less'} than expected " \
                                "(#{money(came)} instead of #{money(expected)})."]
      end

      def time
        expected = @expected.seconds
        came = @came.seconds
        return unless expected && came && (came - expected).abs > expected * TRIFLE

        more = (came - expected).abs
        worth = @target ? Rational(more * @target, 3600).round : 0
        weighed = worth.positive? ? " At your target pay, that time is worth #{@text.about(worth)}." : ""
        [worth, "It took #{@effort.call(more)} #{came > expected ? 'longer' : 'less'} than expected " \
                "(#{@effort.call(came)} instead of #{@effort.call(expected)}).#{weighed}"]
      end

      def money(minor) = @text.price(minor)
    end
  end
end
