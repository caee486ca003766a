# frozen_string_literal: true

module Core
  module Bench
    # The shortest time in which everything can be over, looked for from the scheduler's own order: two jobs that follow
    # each other on one place without a gap change places, the best change that was not just made is kept (tabu search
    # over the neighbourhood of Van Laarhoven, Aarts and Lenstra, Operations Research 40, 1992; from memory). Nothing in
    # it is drawn by chance. It plans nobody's week, where promised dates and earnings come first: it is there so that
    # the specs can say how far the scheduler's rules lie from the shortest, on job shops with published answers.
    class Makespan
      ROUNDS = 120 # without anything shorter found
      REMEMBERED = 9 # rounds for which a change is not turned back

      # problem: keywords of Scheduler without order.
      def initialize(**problem)
        @problem = problem
        @jobs = problem.fetch(:jobs)
      end

      # No schedule can be shorter: the longest chain of work, and the work on the busiest place that holds one piece at
      # a time.
      def bound
        priority = Priority.new(@jobs, {})
        chains = @jobs.map { |job| priority.tail(job.id) }
        places = @jobs.group_by(&:place).filter_map do |name, own|
          own.sum(&:minutes) if @problem.fetch(:places)[name]&.capacity == 1
        end
        [*chains, *places].max || 0
      end

      # Returns Schedule.
      def schedule
        best = current = run(longest_first)
        tabu = {}
        round = found = 0
        while round - found < ROUNDS && best.makespan > bound
          pair, current = step(current, tabu, round, best.makespan)
          break unless current

          tabu[pair.reverse] = round + REMEMBERED
          if current.makespan < best.makespan
            best = current
            found = round
          end
          round += 1
        end
        best
      end

      private

      def run(order) = Scheduler.new(**@problem, order: order).schedule

      # What the longest chain hangs on goes first.
      def longest_first
        priority = Priority.new(@jobs, {})
        feasible(@jobs.sort_by { |job| [-priority.tail(job.id), job.position, job.id.to_s] }.map(&:id))
      end

      # The best neighbour: [pair that changed places, Schedule].
      def step(current, tabu, round, aim)
        pairs(current).map { |pair| [pair, swapped(current, pair)] }
                      .reject { |pair, other| tabu.fetch(pair, -1) >= round && other.makespan >= aim }
                      .min_by.with_index { |(_, other), order| [other.makespan, order] }
      end

      # Critical neighbours on one place: [first, second].
      def pairs(current)
        slots = current.sequence
        critical = critical(slots, current.makespan)
        slots.combination(2).filter_map do |first, second|
          if critical[first.job.id] && critical[second.job.id] && first.job.place == second.job.place &&
             first.job.piece != second.job.piece && first.free == second.from
            [first.job.id,
             second.job.id]
          end
        end
      end

      # Jobs that cannot end later without the whole ending later.
      def critical(slots, last)
        latest = {}
        slots.reverse_each do |slot|
          after = slots.select do |other|
            other.from >= slot.to && (needs?(other, slot) || other.job.place == slot.job.place) && other != slot
          end
          latest[slot.job.id] = [last, *after.filter_map do |other|
            latest[other.job.id]&.then do |to|
              to - other.minutes
            end
          end].min
        end
        slots.to_h { |slot| [slot.job.id, latest[slot.job.id] == slot.to] }
      end

      def needs?(other, slot) = other.job.needs.any? { |id, _| id == slot.job.id }

      def swapped(current, pair)
        ids = current.sequence.map { |slot| slot.job.id }
        ids.delete(pair.last)
        ids.insert(ids.index(pair.first), pair.last)
        run(feasible(ids))
      end

      # The same order, with what a job needs before it.
      def feasible(ids)
        by_id = @jobs.to_h { |job| [job.id, job] }
        seen = {}
        visit = lambda do |id, result|
          next if seen[id]

          seen[id] = true
          by_id.fetch(id).needs.map(&:first).each { |need| visit.call(need, result) if by_id.key?(need) }
          result << id
        end
        ids.each_with_object([]) { |id, result| visit.call(id, result) }
      end
    end
  end
end
