# frozen_string_literal: true

# The time zone that this machine is set to, as a name of the tz database; a new workshop begins with it.
module LocalZone
  CLOCK = "/etc/localtime"
  FALLBACK = "Etc/UTC"

  extend self

  # zone: the TZ of the environment; clock: the link that names the zone on common systems.
  def name(zone: ENV.fetch("TZ", nil), clock: CLOCK)
    linked = File.symlink?(clock) ? File.realpath(clock)[%r{zoneinfo/(.+)\z}, 1] : nil
    [zone&.delete_prefix(":"), linked].compact.find do |candidate|
      Operations::House::Choices.zones.include?(candidate)
    end || FALLBACK
  end
end
