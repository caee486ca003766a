# frozen_string_literal: true

module Operations
  module Support
    # Keeps what was worked out lately by what it was worked out from. For values that hang on nothing else: there is
    # nothing to forget when something changes, for then the key is another. The one used least lately goes first. Safe
    # to use from several threads.
    class LruCache
      # most: how many are kept.
      def initialize(most)
        @most = most
        @lock = Mutex.new
        @kept = {}
      end

      # The value of a key, compared by value; the block's where it is not kept. Raises what the block raises, and keeps
      # nothing then.
      def of(key)
        found = @lock.synchronize { @kept.delete(key)&.tap { |value| @kept[key] = value } }
        found || keep(key, yield)
      end

      private

      def keep(key, value)
        @lock.synchronize do
          @kept.shift while @kept.size >= @most
          @kept[key] = value
        end
      end
    end
  end
end
