# frozen_string_literal: true

module Operations
  module Support
    # What one request looks up once: the workshop, and what the same query has answered already. The server opens one
    # around each request; without one (on the command line) everything is looked up each time. It also remembers the
    # state of the database that the request began with (VersionedCache).
    module Context
      KEY = :kohlrabi_context
      private_constant :KEY

      extend self

      # Runs the block in a context of its own and returns its value.
      def open(&)
        Thread.current[KEY] = { began_with: Records::Database.version }
        Records::Base.cache(&)
      ensure
        Thread.current[KEY] = nil
      end

      # The workshop's record, the same one throughout a request.
      def workshop
        kept = Thread.current[KEY] or return Records::Workshop.first!
        kept[:workshop] ||= Records::Workshop.first!
      end

      # The block's value, worked out once in a request under its key.
      def once(key)
        kept = Thread.current[KEY] or return yield
        kept.key?(key) ? kept[key] : kept[key] = yield
      end

      # Has it looked up again, the workshop or what stands under a key: it was changed, or is about to be.
      def forget(key = nil) = key ? Thread.current[KEY]&.delete(key) : Thread.current[KEY]&.keep_if { |name,| name == :began_with }

      # Whether the database still stands as it did when the request began: what was read since is then of one state.
      # version: of the database, now.
      def current?(version)
        kept = Thread.current[KEY] or return true
        kept[:began_with] == version
      end
    end
  end
end
