# frozen_string_literal: true

module Core
  module Tools
    # Cutting sticks: the fewest of one length that give all parts, with the saw's kerf after each cut. Bin completion
    # (Korf 2003, from memory): the longest part left opens a stick and is completed in all ways worth trying, until the
    # bound is met, nothing is left to try, or the time given in steps is used up; then the plan states its gap.
    class StickPlan
      # One way of cutting: {length => number} on a stick, and how many sticks are cut like it.
      Pattern = Struct.new(:parts, :number, keyword_init: true)
      WAYS = 400 # completions of one stick that are tried
      STEPS = 50_000 # nodes of the search; the same input gives the same plan
      TRIES = 600_000 # lengths tried on in completing sticks: about two seconds, however many lengths differ

      attr_reader :capacity, :sizes

      # sizes: {length => number}, Integers in any unit, kerf included; capacity: length of a stick with one kerf more,
      # since the last part needs no cut
      # where it ends with the stick. Raises Refusal for a part that is longer than a stick.
      def initialize(sizes, capacity, steps: STEPS)
        long = sizes.keys.max
        raise Refusal.new(:part_longer_than_stick, field: :parts) if long && long > capacity

        @sizes = sizes.reject { |_, number| number.zero? }.sort.reverse.to_h
        @capacity = capacity
        @left_steps = steps
        @left_tries = TRIES
      end

      # Fewest sticks that could do, as far as is proven.
      def bound
        solve
        @bound
      end

      # Number of sticks of the plan.
      def count = patterns.sum(&:number)

      def proven? = count == bound

      # Array of Pattern, the fullest first.
      def patterns
        @patterns ||= solve.tally.map { |parts, count| Pattern.new(parts: parts, number: count) }
                           .sort_by { |one| [-one.parts.sum { |size, number| size * number }, -one.number] }
      end

      private

      # Array of {length => number}, one for each stick.
      def solve
        @solve ||= begin
          @bound = StickBound.of(sizes, capacity)
          @best = [first_fit, best_fit, fullest].min_by(&:size)
          @lengths = sizes.keys
          @seen = {}
          tried_all = @best.size > @bound && !complete(sizes.values, []) && !@skipped
          @bound = @best.size if tried_all # what was found is the fewest
          @best
        end
      end

      # Depth first. counts: of each length still to cut; done: sticks so far. Returns true once the search must stop.
      def complete(counts, done)
        @left_steps -= 1
        return true if @left_steps <= 0 || @left_tries <= 0

        first = counts.index(&:positive?)
        return better?(done) unless first
        return false if done.size + rest_bound(counts) >= @best.size
        return false if (@seen[counts] || Float::INFINITY) <= done.size

        @seen[counts] = done.size
        counts = counts.dup
        counts[first] -= 1
        completions(counts, first, capacity - @lengths[first]).any? do |more|
          left = counts.each_with_index.map { |number, index| number - more[index] }
          more = more.dup
          more[first] += 1
          complete(left, [*done, more])
        end
      end

      # Keeps what is better than all before; whether nothing can be better still.
      def better?(done)
        @best = done.map { |numbers| @lengths.zip(numbers).reject { |_, number| number.zero? }.to_h }
        @best.size == @bound
      end

      def rest_bound(counts)
        total = 0
        counts.each_with_index { |number, index| total += number * @lengths[index] }
        plain = (total + capacity - 1) / capacity
        return plain if @best.size - plain > 1

        [plain, StickBound.martello_toth(@lengths.zip(counts).reject { |_, number| number.zero? }.to_h, capacity)].max
      end

      # What can go with the first part: as full as nothing more fits, the fullest first.
      def completions(counts, from, room)
        found = []
        fill(counts, from, room, Array.new(counts.size, 0), found)
        @skipped ||= found.size > WAYS
        found.sort_by! { |left, _| left }
        found.first(WAYS).map(&:last)
      end

      def fill(counts, index, room, chosen, found)
        @left_tries -= 1
        return if found.size > WAYS * 4 || @left_tries <= 0

        index += 1 while index < counts.size && (counts[index].zero? || @lengths[index] > room)
        return found << [room, chosen.dup] if index >= counts.size

        [counts[index], room / @lengths[index]].min.downto(0) do |number|
          chosen[index] = number
          rest = room - (number * @lengths[index])
          # Less of this length must leave no room for one more of it, filled by nothing: dominated.
          fill(counts, index + 1, rest, chosen, found) unless number < counts[index] && none_after?(counts, index + 1,
                                                                                                    rest) && rest >= @lengths[index]
        end
        chosen[index] = 0
      end

      def none_after?(counts, index, room)
        index += 1 while index < counts.size && (counts[index].zero? || @lengths[index] > room)
        index >= counts.size
      end

      def each_part = sizes.flat_map { |size, number| Array.new(number, size) }

      # Longest first into the first stick with room, or into the one with the least room.
      def first_fit = fit { |rooms, size| rooms.index { |room| room >= size } }

      def best_fit
        fit { |rooms, size| rooms.each_index.select { |index| rooms[index] >= size }.min_by { |index| rooms[index] } }
      end

      def fit
        rooms = []
        sticks = []
        each_part.each do |size|
          index = yield(rooms, size) || rooms.size
          rooms[index] = (rooms[index] || capacity) - size
          (sticks[index] ||= Hash.new(0))[size] += 1
        end
        sticks.map(&:to_h)
      end

      # Stick by stick as full as can be: the longest part left and the set that leaves least (minimum bin slack).
      def fullest
        counts = sizes.dup
        sticks = []
        until counts.empty?
          taken = fill_one(counts)
          sticks << taken
          taken.each { |size, number| (counts[size] -= number).zero? && counts.delete(size) }
        end
        sticks
      end

      # Reachable sums with the fewest parts, by dynamic programming over the lengths that are left.
      def fill_one(counts)
        first = counts.keys.max
        rest = counts.merge(first => counts[first] - 1).reject { |_, number| number.zero? }
        sums = { 0 => {} }
        rest.sort.reverse_each do |size, number|
          sums.to_a.each do |sum, parts|
            (1..number).each do |times|
              total = sum + (times * size)
              break if total > capacity - first

              sums[total] ||= parts.merge(size => times)
            end
          end
        end
        best = sums[sums.keys.max].dup
        best[first] = best.fetch(first, 0) + 1
        best
      end
    end
  end
end
