# frozen_string_literal: true

module Operations
  module Support
    # Keeps answers that take time to work out, until anything is written to the file by anybody.
    module VersionedCache
      LOCK = Monitor.new
      MAX_ANSWERS = 400 # answers: time passes while nobody writes, and old ones must not pile up

      extend self

      # The block's value, from memory where nothing has changed since. It is worked out again, and not kept, within a
      # transaction, and in a request during which somebody wrote: what the request read before that is older than the
      # state that the value would be kept for.
      def once(key)
        return yield if Records::Base.connection.transaction_open?

        LOCK.synchronize do
          version = Records::Database.version
          @kept = {} unless version && version == @version
          @version = version
          return @kept[key] if @kept.key?(key)
          return yield unless Context.current?(version)

          @kept.shift while @kept.size >= MAX_ANSWERS # the oldest
          @kept[key] = yield
        end
      end

      def forget = LOCK.synchronize { @kept = {} }
    end
  end
end
