# frozen_string_literal: true

require "active_support"
require "active_support/time"
require "fileutils"

# The clock that all specs live by, here and in the servers that they start: it begins at a Tuesday noon, whatever the
# machine says, and runs on from there. A spec may set it, and the zone of workshop and browser with it.
module SpecClock
  NOON = "2026-06-30T12:00:00Z"
  ZONE = "Etc/UTC"
  FOLDER = File.join(ROOT, "tmp/spec")
  FILE = File.join(FOLDER, "clock-#{Process.pid}")
  # When specs that rest on the hour or the day used to break. Clocks in Dublin change at 01:00 UTC (tz database).
  MOMENTS = {
    "at noon" => [NOON, ZONE],
    "just before midnight" => ["2026-06-29T23:58:00Z", ZONE],
    "just before the end of a month" => ["2026-02-28T23:58:00Z", ZONE],
    "just before the end of a year" => ["2026-12-31T23:58:00Z", ZONE],
    "just before the clocks go forward" => ["2026-03-29T00:58:00Z", "Europe/Dublin"],
    "just before they go back" => ["2026-10-25T00:58:00Z", "Europe/Dublin"],
    "just before midnight on the other side of the world" => ["2026-06-30T11:58:00Z", "Pacific/Auckland"]
  }.freeze

  extend self

  def zone = @zone || ZONE
  def now = Time.now + ahead
  def ahead = @ahead || set(NOON)

  # Sets the clock (ISO 8601) and the zone. Servers follow at once, the browser from its next page on.
  def set(text, zone = ZONE)
    FileUtils.mkdir_p(FOLDER)
    ahead = Time.iso8601(text) - Time.now
    File.write("#{FILE}.part", ahead.to_s)
    File.rename("#{FILE}.part", FILE)
    @zone = zone
    @ahead = ahead
  end

  # For a server in a process of its own.
  def environment = { "RACK_ENV" => "test", "KOHLRABI_TEST_CLOCK" => FILE.tap { ahead }, "TZ" => ZONE }

  # Today's date in the zone of the specs.
  def today = now.in_time_zone(zone).to_date

  at_exit { FileUtils.rm_f(FILE) }
end
