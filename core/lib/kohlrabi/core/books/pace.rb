# frozen_string_literal: true

module Core
  module Books
    # A goal for a year against what has come so far. The pace is the year's own so far, spread evenly over its
    # days: no season is assumed. Before a month has passed it says nothing.
    class Pace
      EARLY = 30 # days
      LABELS = { profit: "Profit", hourly: "Hourly pay", pieces: "Pieces sold" }.freeze
      # heading: where the pace leads by the end of the year, nil while it cannot be told; needed: what each day
      # left has to bring, nil where nothing is left to do or no day is left.
      # gone: the part of the year that has passed.
      Row = Struct.new(:key, :label, :goal, :so_far, :heading, :needed, :text, :gone, keyword_init: true)

      # key: of LABELS; goal: amount or nil; so_far: amount, nil where undefined; today: Date; year: Integer;
      # say: turns an amount into words. Hourly pay does not add up over days: it is compared as it is.
      def initialize(key, goal, so_far, today:, year:, say: :to_s.to_proc)
        @key = key
        @goal = goal
        @so_far = so_far
        @today = today
        @year = year
        @say = say
      end

      def row
        Row.new(key: @key, label: LABELS.fetch(@key), goal: @goal, so_far: @so_far, heading: heading, needed: needed, text: text,
                gone: Rational(passed, length)).freeze
      end

      # Days of the year that have begun, none before it and all after it.
      def passed = (@today - first).to_i.succ.clamp(0, length)
      def left = length - passed

      private

      def first = Date.new(@year, 1, 1)
      def length = (Date.new(@year + 1, 1, 1) - first).to_i
      def adds? = @key != :hourly

      def heading
        return @so_far if left.zero? || (!adds? && @so_far)
        return if @so_far.nil? || passed < EARLY

        Rational(@so_far * length, passed)
      end

      def needed
        return unless adds? && @goal && left.positive?

        missing = @goal - @so_far.to_i
        Rational(missing, left) if missing.positive?
      end

      def text
        return "no goal set" if @goal.nil?
        return "nothing yet" if @so_far.nil? && left.positive?

        left.zero? ? over : under_way
      end

      def over = reached? ? "reached" : "missed by #{@say.call(@goal - @so_far.to_i)}"

      def under_way
        return "already reached" if adds? && reached?
        return "too early to tell: #{passed} of #{EARLY} days" if heading.nil?

        ahead = heading >= @goal
        return "#{@say.call((heading - @goal).abs)} #{ahead ? 'above' : 'below'} the goal" unless adds?

        "at this pace you'll end the year at about #{@say.call(heading)}, #{ahead ? 'on course' : "#{@say.call(@goal - heading)} short of your goal"}"
      end

      def reached? = @so_far && @so_far >= @goal
    end
  end
end
