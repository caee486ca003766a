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
        money = Units::MoneyWriter.new(currency)
        case key
        when "unknown" then "No answer yet: Kohlrabi can't tell yet what to pay at most."
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
        return "At #{money.price(choices.first.tag)} it won't reach your target pay, and there's no forecast: #{@why}." if @why
        if choices.drop(1).any? { |choice| choice.worth.positive? }
          return "Pass. Waiting wouldn't save enough to pay for a second trip (#{money.price(@trip)})."
        end

        "Pass. The price isn't expected to come down to #{money.at_most(@most)}."
      end

      def buy(money)
        later = choices.drop(1).max_by(&:worth)
        if later && later.worth > best.worth
          reason = " Waiting until #{Units::Calendar.text(later.on)} would gain about #{money.at_most(later.worth - best.worth)} on average, " \
                   "less than a second trip costs (#{money.price(@trip)})."
        elsif later
          reason = " Waiting until #{Units::Calendar.text(later.on)} would save you #{money.price(best.tag - later.tag)}, " \
                   "but it's only #{percent(later)} likely to still be there."
        end
        "Buy now at #{money.price(best.tag)}: that's about #{money.about(best.worth)} less than you could pay.#{reason}"
      end

      def wait(money)
        now = choices.first
        reason = if now.worth.positive?
                   ", more than the #{money.about(now.worth)} you'd save by buying now"
                 else
                   ". At " \
                     "#{money.price(now.tag)} it won't reach your target pay"
                 end
        "Wait until #{Units::Calendar.text(best.on)}. The price should be down to #{money.price(best.tag)} by then, " \
          "and it's #{percent(best)} likely to still be there. That's worth about #{money.about(best.worth)} on average#{reason}."
      end

      def percent(choice) = Units::Numerals.chance(choice.chance)
    end
  end
end
