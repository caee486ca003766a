# frozen_string_literal: true

module Core
  module Scout
    # Wait for a lower tag or buy now: the saving by waiting against the chance that it is gone by then. What counts
    # is what the piece would leave above target pay: most you should pay − tag, times the chance that it is still
    # there.
    class WaitOrBuy
      Choice = Struct.new(:on, :tag, :chance, :worth, keyword_init: true)

      attr_reader :choices, :best

      # forecast: TagForecast; most: minor units, nil = undefined; gone: LossRisk; today: Date; trip: what a second trip
      # there costs, minor units.
      def initialize(forecast, most:, gone:, today:, trip: 0)
        @most = most
        @gone = gone
        @today = today
        @trip = trip
        @why = forecast.why
        @choices = most ? all(forecast) : []
        @best = best_of(choices) if choices.any?
      end

      # "buy", "wait", "never" (no tag ahead is low enough) or "unknown".
      def key
        return "unknown" unless best
        return "never" if best.worth <= 0

        best.on == @today ? "buy" : "wait"
      end

      def text(currency)
        money = ->(minor) { Units::MoneyText.text(minor, currency) }
        case key
        when "unknown" then "No answer yet: the most you should pay is not known."
        when "never" then never(money)
        when "buy" then buy(money)
        else wait(money)
        end
      end

      private

      # Waiting has to gain what a second trip costs over buying now, or over leaving it.
      def best_of(choices)
        now, *later = choices
        best = later.max_by.with_index { |choice, index| [choice.worth, -index] }
        best && best.worth - @trip > [now.worth, 0].max ? best : now
      end

      def all(forecast)
        now = Choice.new(on: @today, tag: forecast.now.tag, chance: 1.0, worth: (@most - forecast.now.tag).to_f)
        ahead = forecast.points.select { |point| point.on > @today }.map do |point|
          chance = @gone.there_after((point.on - @today).to_i)
          Choice.new(on: point.on, tag: point.tag, chance: chance, worth: chance * [@most - point.tag, 0].max)
        end
        [now, *ahead]
      end

      def never(money)
        return "At #{money.call(choices.first.tag)} it misses target pay, and there is no forecast: #{@why}." if @why
        if choices.drop(1).any? { |choice| choice.worth.positive? }
          return "Neither: what waiting gains is not worth a second trip at #{money.call(@trip)}."
        end

        "Neither: no tag ahead comes down to #{money.call(@most)}."
      end

      def buy(money)
        later = choices.drop(1).max_by(&:worth)
        if later && later.worth > best.worth
          reason = " Waiting until #{Units::Calendar.text(later.on)} gains #{money.call(later.worth - best.worth)} on average, " \
                   "less than a second trip at #{money.call(@trip)}."
        elsif later
          reason = " Waiting until #{Units::Calendar.text(later.on)} would save #{money.call(best.tag - later.tag)}, " \
                   "but it is still there only #{percent(later)} of the time."
        end
        "Buy now at #{money.call(best.tag)}: it leaves #{money.call(best.worth)} above target pay.#{reason}"
      end

      def wait(money)
        now = choices.first
        reason = now.worth.positive? ? "buying now leaves #{money.call(now.worth)}" : "at #{money.call(now.tag)} it misses target pay"
        "Wait until #{Units::Calendar.text(best.on)}: the tag is then #{money.call(best.tag)}, " \
          "and it is still there #{percent(best)} of the time. " \
          "That is worth #{money.call(best.worth)} on average above target pay; #{reason}."
      end

      def percent(choice) = "#{(choice.chance * 100).round}%"
    end
  end
end
