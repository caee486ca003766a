# frozen_string_literal: true

module Core
  module Scout
    # Room on the floor and hours left: whether there is a place for one more, and from when.
    class Room
      # stage: as Flips::Chain; seconds_to_come: Integer or nil; listed_on: Date or nil.
      Held = Struct.new(:stage, :seconds_to_come, :listed_on, keyword_init: true)
      MARKET_DAYS = 28 # until own sales say otherwise (common practice, no source)
      ORDER = ["listed", "ready", "on the bench", "bought"].freeze

      # places: how many pieces there is room for, nil = not set; weekly: seconds of work a week, nil = not set;
      # held: Array of Held; market_days: own median days on the market, nil = MARKET_DAYS; today: Date.
      def initialize(places:, weekly:, held:, today:, market_days: nil)
        @places = places
        @weekly = weekly
        @held = held.sort_by { |piece| [ORDER.index(piece.stage), piece.listed_on || today] }
        @market_days = market_days || MARKET_DAYS
        @own_days = !market_days.nil?
        @today = today
      end

      # Today while there is room; else the Date the first place is likely free; nil when it cannot be said, see #why.
      def from
        return if why
        return @today if @held.size < @places

        leaving.sort[@held.size - @places]
      end

      def why
        return "in House rules, say how many pieces fit in your space" unless @places
        return "House rules say you have no space for pieces" if @places.zero?

        "your hours a week aren't set in House rules" if @weekly.to_i.zero? && to_come.positive? && @held.size >= @places
      end

      # Seconds left this month after what is still to come on the pieces in hand; nil without hours a week.
      def seconds_left
        return unless @weekly

        days = (Date.new(@today.year, @today.month, -1) - @today).to_i + 1
        (@weekly * days / 7) - to_come
      end

      def to_come = @held.sum { |piece| piece.seconds_to_come.to_i }

      # The answer in one line.
      def text
        "#{[place_text, hours_text].uniq(&:downcase).join('; ')}."
      end

      private

      # When each piece is likely gone: its work done in turn, then its days on the market.
      def leaving
        worked = 0
        @held.map do |piece|
          worked += piece.seconds_to_come.to_i unless piece.stage == "listed"
          ready = piece.stage == "listed" ? @today : @today + days_of(worked)
          [(piece.listed_on && piece.stage == "listed" ? piece.listed_on : ready) + @market_days.ceil, @today + 1].max
        end
      end

      def days_of(seconds) = @weekly.to_i.positive? ? (seconds * 7 / @weekly.to_r).ceil : 0

      def place_text
        return why.sub(/\A./, &:upcase) if why
        return "Space for #{Units::Numerals.counted(@places - @held.size, 'more piece')} now" if @held.size < @places

        basis = @own_days ? "at your usual selling speed" : "if a piece takes #{MARKET_DAYS} days to sell"
        "No space right now (#{Units::Numerals.counted(@held.size, 'piece')}, #{Units::Numerals.counted(@places, 'space')}). " \
          "#{basis.sub(/\A./, &:upcase)}, a space opens up around #{Units::Calendar.short(from, today: @today)}"
      end

      def hours_text
        left = seconds_left
        return "your hours a week aren't set in House rules" unless left
        return "you have about #{Units::Effort.about(-left)} more work planned than you have time for this month" if left.negative?

        "you have time for about #{Units::Effort.about(left)} more work this month"
      end
    end
  end
end
