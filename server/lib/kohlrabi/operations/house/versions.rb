# frozen_string_literal: true

require "securerandom"

module Operations
  module House
    # What a page asks for every few seconds: whether anything was written since, by whatever device.
    module Versions
      STARTED = SecureRandom.hex(4) # another run of the program counts from the start again

      extend self

      # {version:, workshop:}: both texts; the one changes with each write, the other with the workshop that is
      # served.
      def now = { version: "#{STARTED}-#{Records::Database.version.last}", workshop: Support::Workshop.current.uuid }
    end
  end
end
