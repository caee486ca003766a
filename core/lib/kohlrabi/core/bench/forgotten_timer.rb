# frozen_string_literal: true

module Core
  module Bench
    # Whether a running timer was forgotten, and when the work was probably over.
    module ForgottenTimer
      LONG = 4 * 60 # minutes: longer than people work at one thing without a break (assumed)
      TIMES = 2 # as long as estimated, and at least LEAST
      LEAST = 60

      extend self

      # started, now: minutes; estimate: minutes of what it runs on, or nil; session: minute at which the person's
      # session ended, or nil. Returns [minute at which to stop it, why], or nil where nothing speaks for it.
      def stop_at(started:, now:, estimate: nil, session: nil)
        return if now - started < after(estimate)
        return [started + estimate, "as long as planned"] if estimate && started + estimate < now

        if session && session > started && session < now
          [session,
           "the end of the session"]
        else
          [started + LONG,
           "4 hours on one thing"]
        end
      end

      # Minutes after which it is noticed.
      def after(estimate) = estimate ? (estimate * TIMES).clamp(LEAST, LONG) : LONG
    end
  end
end
