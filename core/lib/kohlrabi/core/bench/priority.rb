# frozen_string_literal: true

module Core
  module Bench
    # The order in which jobs are given their time: what was moved to a session by hand, with all it needs; then piece
    # by piece; within a piece what the longest chain of work and waits still hangs on, then as the plan reads.
    class Priority
      # jobs: Array of Job without those that stand; wishes: {piece id => PieceWish}.
      def initialize(jobs, wishes)
        @jobs = jobs
        @by_id = jobs.to_h { |job| [job.id, job] }
        @wishes = wishes
      end

      # Array of Job; each comes after all it needs.
      def order
        pinned = @jobs.select(&:pinned).sort_by { |job| [job.pinned, *rank(job)] }
        in_order([*pinned, *@jobs.sort_by { |job| rank(job) }])
      end

      # Minutes of work and waits from the job to the last that needs it.
      def tail(id)
        @tails ||= {}
        @tails[id] ||= begin
          job = @by_id.fetch(id)
          job.minutes + [job.wait, *after.fetch(id, []).map { |other, wait| wait + tail(other) }].max
        end
      end

      # Array of pieces' ids, the first to be given time first.
      def pieces
        @pieces ||= @jobs.group_by(&:piece).sort_by do |id, own|
          wish = @wishes[id] || PieceWish.new(id: id)
          wish.rank(own.sum(&:minutes), own.map { |job| tail(job.id) }.max)
        end.map(&:first)
      end

      private

      def rank(job) = [places.fetch(job.piece), -tail(job.id), job.position, job.id]
      def places = @places ||= pieces.each_with_index.to_h

      # {id => [[id of what needs it, wait]]}.
      def after
        @after ||= @jobs.each_with_object({}) do |job, all|
          job.needs.each { |id, wait| (all[id] ||= []) << [job.id, wait] if @by_id.key?(id) }
        end
      end

      # The same order, with what a job needs put before it.
      def in_order(jobs)
        seen = {}
        result = []
        jobs.each { |job| visit(job, seen, result) }
        result
      end

      def visit(job, seen, result)
        return if seen[job.id]

        seen[job.id] = true
        job.needs.filter_map do |id, _|
          @by_id[id]
        end.sort_by { |other| rank(other) }.each { |other| visit(other, seen, result) }
        result << job
      end
    end
  end
end
