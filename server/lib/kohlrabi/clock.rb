# frozen_string_literal: true

module Kohlrabi
  # The one place where the server asks what time it is; specs set it. In the test environment, and only there, the variable
  # KOHLRABI_TEST_CLOCK names a file with the seconds by which this clock runs ahead of the machine's, so that a server in a
  # process of its own can be told that it is a minute before midnight.
  module Clock
    AHEAD = ENV["RACK_ENV"] == "test" ? ENV.fetch("KOHLRABI_TEST_CLOCK", nil) : nil
    private_constant :AHEAD

    class << self
      attr_writer :source

      # The present instant, UTC.
      def now = (@source || -> { Time.now + ahead }).call.utc

      # Does the block as of another instant: what the demo lays into the past.
      def during(instant)
        before = @source
        @source = -> { instant }
        yield
      ensure
        @source = before
      end

      private

      def ahead = AHEAD ? Float(File.read(AHEAD)) : 0
    end
  end
end
