# frozen_string_literal: true

module Core
  module Market
    # Where a piece in hand stands: the figures that every page, list and export shows of it, and the recommendation,
    # worked out once.
    #
    # Three kinds of pay, which are never the same thing:
    # - pay when finished: what is left of the likely price over all costs, over all hours, worked and left;
    # - pay from here on: what finishing brings more than selling it as it is, over the work left (what was spent and
    # worked is spent);
    # - pay as it is: what is left of its price as it stands over what was spent, over the hours worked.
    class Standing
      # What it is worked out from. stage: of Flips::Chain; work_left, worked: seconds; spent, still_to_spend: minor
      # units; likely: [low, middle, high] minor units; asking, as_is: prices in minor units; each nil where not known.
      # go_on: whether the person goes on with it whatever is recommended.
      Given = Struct.new(:id, :stage, :work_left, :worked, :spent, :still_to_spend, :likely, :asking, :as_is, :go_on,
                         keyword_init: true)
      HOUR = Units::Effort::HOUR

      # take_home: of a price in minor units; minimum, target: minor units an hour or nil; text: writes minor units.
      def initialize(given, take_home:, text:, minimum: nil, target: nil)
        @given = given
        @take_home = take_home
        @text = text
        @minimum = minimum
        @target = target
      end

      %i[id stage work_left worked spent likely go_on].each { |name| define_method(name) { @given[name] } }

      # Minor units that the work left will cost; 0 where nothing is known of any.
      def still_to_spend = known_still_to_spend.to_i

      # The same; nil where nothing is known of any.
      def known_still_to_spend = @given.still_to_spend

      # The price that its pay is counted at: the likely one, else what is asked; nil where neither is known.
      def price = likely ? likely[1] : @given.asking

      # Take-home at that price, and as it stands; minor units or nil.
      def take_home = price && @take_home.call(price)
      def as_is = @given.as_is && @take_home.call(@given.as_is)

      # Minor units once it is sold finished; nil where the price or what was spent is not known.
      def profit = take_home && spent && (take_home - spent - still_to_spend)

      def pay_when_finished = work_left && an_hour(profit, worked.to_i + work_left)
      def pay_from_here = take_home && work_left && an_hour(take_home - still_to_spend - [as_is.to_i, 0].max, work_left)
      def pay_as_is = as_is && spent && an_hour(as_is - spent, worked.to_i)

      # :list, :finish, :less, :as_is, :drop or :unknown, and for a listed piece :listed.
      def advice = @advice ||= stage == "listed" && work_left.to_i.zero? ? :listed : row.advice

      # Whether nobody should work on it: it is recommended to be sold as it is, or dropped.
      def stop? = %i[as_is drop].include?(advice)

      # The recommendation in a sentence.
      def sentence = advice == :listed ? "It is listed." : row.text

      # FromHere::Row of it.
      def row = @row ||= FromHere.new([weighed], text: @text, floor: floor, target: @target).rows.first

      private

      # Whoever goes on with a piece works for whatever it pays.
      def floor = @given.go_on ? -Float::INFINITY : @minimum

      def weighed
        open = work_left.to_i.positive? # a piece that is to be touched up is work again, ready or not
        FromHere::Piece.new(id: id, stage: open ? "on the bench" : stage, finish: take_home && (take_home - still_to_spend),
                            as_is: (as_is if open || stage != "ready"), seconds: work_left)
      end

      def an_hour(minor, seconds) = minor && seconds.positive? ? Rational(minor * HOUR, seconds) : nil
    end
  end
end
