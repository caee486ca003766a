# frozen_string_literal: true

module Core
  module Bench
    # Brings like work together (the same product, the same grit) within a session where that moves nothing else out of
    # its session, keeps
    # every wait and makes no piece ready later: one brush to wash, one disc to change.
    class Grouping
      # schedule: Schedule; sessions: Array of Session; places: {name => Place}.
      def initialize(schedule, sessions, places)
        @schedule = schedule
        @sessions = sessions
        @places = places
        @slots = schedule.slots.dup
        @followers = schedule.slots.values.each_with_object({}) do |slot, all|
          slot.job.needs.each { |id, wait| (all[id] ||= []) << [slot.job.id, wait] }
        end
      end

      # Returns Schedule.
      def schedule(jobs)
        @sessions.each { |session| together(session) }
        Schedule.new(@slots, @schedule.left, @schedule.pieces, jobs)
      end

      private

      # Once through a session: what is like the job before it comes next to it.
      def together(session)
        row = row(session)
        place = 0
        while place < row.size - 2
          other = row[place].job.like && ((place + 2)...row.size).find { |later| like?(row[place], row[later]) }
          row = row(session) if other && pulled?(row[place], row[(place + 1)...other], row[other])
          place += 1
        end
      end

      def row(session)
        by_person.fetch(session.person, []).map { |id| @slots[id] }
                 .select { |slot| slot.chunks.size == 1 && slot.from >= session.from && slot.to <= session.to }.sort_by(&:from)
      end

      def by_person
        @by_person ||= @slots.values.group_by(&:person).transform_values { |all| all.map { |slot| slot.job.id } }
      end

      def like?(one, other) = one.job.like == other.job.like

      # Moves `other` right behind `first`, and those between behind it. Returns whether it was possible.
      def pulled?(first, between, other)
        gain = other.minutes
        from = first.to
        moved = [shifted(other, from - other.from), *between.map { |slot| shifted(slot, gain) }]
        return false unless first.to <= between.first.from && other.earliest <= from && moved.all? do |slot|
          free?(slot) && in_time?(slot)
        end
        return false if between.any? { |slot| slot.because == :running }

        moved.each { |slot| @slots[slot.job.id] = slot }
        true
      end

      def shifted(slot, minutes)
        slot.dup.tap { |copy| copy.chunks = slot.chunks.map { |from, to| [from + minutes, to + minutes] } }
      end

      # Whether its place sets no limit that would have to be looked at again.
      def free?(slot)
        place = @places[slot.job.place]
        place.nil? || (place.capacity.nil? && place.windows.nil?)
      end

      # Whether it ends early enough for all that needs it, and makes its piece ready no later.
      def in_time?(slot)
        followers = @followers.fetch(slot.job.id, [])
        followers.all? do |id, wait|
          @slots[id].from >= slot.to + wait
        end && slot.free <= [@schedule.ready(slot.job.piece) || 0, @slots[slot.job.id].free].max
      end
    end
  end
end
