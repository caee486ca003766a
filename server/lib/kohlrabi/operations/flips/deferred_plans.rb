# frozen_string_literal: true

module Operations
  module Flips
    # A device that tells hundreds of things one after the other has the plans of its pieces counted once: after the
    # last of them, or before anybody else asks for anything. Until then nothing is known of what is to come, which
    # is also what a server that ends in between leaves; its next start counts it.
    module DeferredPlans
      KEY = :kohlrabi_deferred_plans
      LOCK = Mutex.new
      private_constant :KEY, :LOCK
      @due = Set.new

      extend self

      # Does the block with what is to come put off, in this thread.
      def gather
        Thread.current[KEY] = Set.new
        yield
      ensure # by now it is written down, or undone
        LOCK.synchronize { @due.merge(Thread.current[KEY]) }
        Thread.current[KEY] = nil
      end

      # Counts what is to come of some pieces, now or later.
      def renew(ids)
        gathered = Thread.current[KEY] or return ToCome.renew(ids)
        planned = Records::Piece.where(id: ToCome.planned(ids)).pluck(:id)
        Records::Piece.where(id: planned).update_all(seconds_to_come: nil)
        gathered.merge(planned)
        rest = Records::Piece.where(id: ids - planned).merge(ToCome.said).pluck(:id)
        ToCome.renew(rest) if rest.any?
      end

      # Has what is to come of some pieces counted before the next answer; until then nothing is known of it.
      def put_off(ids)
        Records::Piece.where(id: ids).update_all(seconds_to_come: nil)
        LOCK.synchronize { @due.merge(ids) }
      end

      # Counts what was put off. Where that fails, it is tried again before the next answer.
      def catch_up
        ids = LOCK.synchronize { @due.to_a.tap { @due.clear } }
        Support::Context.open { Records::Base.transaction { ToCome.renew(ids) } } if ids.any?
      rescue StandardError => e
        LOCK.synchronize { @due.merge(ids) }
        warn "The work left couldn't be counted: #{e.class}: #{e.message}"
      end
    end
  end
end
