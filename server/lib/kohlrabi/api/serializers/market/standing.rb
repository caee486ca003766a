# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # Where a piece in hand stands, the same on every page; null once it has ended.
      module Standing
        module_function

        # standing: Core::Market::Standing or nil.
        def present(standing, formatter)
          return unless standing

          low, middle, high = standing.likely
          money = formatter.method(:money)
          { work_left: formatter.effort(standing.work_left), spent: money.call(standing.spent),
            still_to_spend: money.call(standing.known_still_to_spend),
            likely: middle && { low: money.call(low), middle: money.call(middle), high: money.call(high) },
            profit: money.call(standing.profit), pay_when_finished: money.call(standing.pay_when_finished),
            pay_from_here: money.call(standing.pay_from_here), pay_as_is: money.call(standing.pay_as_is),
            advice: standing.advice.to_s, sentence: standing.sentence, stop: standing.stop?, go_on: standing.go_on == true }
        end
      end
    end
  end
end
