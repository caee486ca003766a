# frozen_string_literal: true

module Core
  module Flips
    # What an hour of work earned: profit over hours (arithmetic).
    module HourlyPay
      extend self

      # profit: minor units or nil; seconds: Integer or nil. Minor units an hour (Rational); nil where either is not
      # known or nothing was worked.
      def of(profit, seconds) = (Rational(profit * Units::Effort::HOUR, seconds) if profit && seconds&.positive?)
    end
  end
end
