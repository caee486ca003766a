# frozen_string_literal: true

module Core
  module Bench
    # The minute before which the last piece cannot be ready, however the work is laid: the longest chain of work and
    # waits, and all hands-on work over the hours that are to be had (arithmetic). What a schedule is measured against.
    class Bound
      # jobs: Array of Job; sessions: Array of Session; now: minute of the epoch.
      def initialize(jobs:, sessions:, now:)
        @jobs = jobs
        @sessions = sessions
        @now = now
      end

      def minute = [chain, hands].max

      private

      def chain
        priority = Priority.new(@jobs, {})
        @now + (@jobs.map { |job| priority.tail(job.id) }.max || 0)
      end

      # Minute at which so many minutes of hands have been to be had; now where the sessions do not reach so far.
      def hands
        left = @jobs.sum(&:minutes)
        @sessions.sort_by(&:from).each do |session|
          from = [session.from, @now].max
          return from + left if session.to - from >= left

          left -= session.to - from
        end
        @now
      end
    end
  end
end
