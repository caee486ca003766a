# frozen_string_literal: true

# The one place where the server asks what time it is; specs set it. In the test environment, and only there, the
# variable KOHLRABI_TEST_CLOCK names a file with the seconds by which this clock runs ahead of the machine's, so that a
# server in a process of its own can be told that it is a minute before midnight.
module Clock
  AHEAD = ENV["RACK_ENV"] == "test" ? ENV.fetch("KOHLRABI_TEST_CLOCK", nil) : nil
  THEN = :kohlrabi_then
  private_constant :AHEAD, :THEN

  class << self
    attr_writer :source

    # The present instant, UTC; within `during`, the one that was given.
    def now = Thread.current[THEN] || now_here

    # The present instant, whatever is being done as of another.
    def now_here = (@source || -> { Time.now + ahead }).call.utc

    # Does the block as of another instant, in this thread: what the demo lays into the past, and what devices tell
    # later.
    def during(instant)
      before = Thread.current[THEN]
      Thread.current[THEN] = instant.utc
      yield
    ensure
      Thread.current[THEN] = before
    end

    private

    def ahead = AHEAD ? Float(File.read(AHEAD)) : 0
  end
end
