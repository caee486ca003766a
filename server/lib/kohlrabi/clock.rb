# frozen_string_literal: true

module Kohlrabi
  # The one place where the server asks what time it is; specs set it.
  module Clock
    class << self
      attr_writer :source

      # The present instant, UTC.
      def now = (@source || -> { Time.now }).call.utc

      # Does the block as of another instant: what the demo lays into the past.
      def during(instant)
        before = @source
        @source = -> { instant }
        yield
      ensure
        @source = before
      end
    end
  end
end
