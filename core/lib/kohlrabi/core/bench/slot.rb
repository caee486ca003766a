# frozen_string_literal: true

module Core
  module Bench
    # When a job is worked. person: who; chunks: Array of [from, to], several where it goes on in another session; wait:
    # minutes after it;
    # earliest: minute from which it could have been worked, and because: what held it until then (:now, :expected,
    # :moved, :running, or the id of the job before).
    Slot = Struct.new(:job, :person, :chunks, :earliest, :because, keyword_init: true)

    # What follows from it.
    class Slot
      def from = chunks.first.first
      def to = chunks.last.last
      def free = to + job.wait
      def minutes = chunks.sum { |from, to| to - from }
    end
  end
end
