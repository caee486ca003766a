# frozen_string_literal: true

module Core
  module Tools
    # All bench tools, in the order they are listed.
    module Catalogue
      GROUPS = { "coating" => "Paint and finish", "setting_out" => "Setting out and cutting", "fitting" => "Hardware and fitting",
                 "handling" => "Upholstery, inserts and moving" }.freeze
      ALL = [Quantity, Thinning, MixParts, WayToApply, CanCoat, Ladder, Filler, Tape,
             Slats, Sticks, Sheets, Grooves, SplitTop, Legs,
             Pulls, Hinges, Holes, Brackets, Runners,
             Liner, Fabric, Inserts, Fits, Weight].freeze
      BY_KEY = ALL.to_h { |tool| [tool.key, tool] }.freeze

      extend self

      # The class of a tool. Raises Refusal.
      def fetch(key)
        BY_KEY.fetch(key) { raise Refusal.new(:no_such_tool, field: :tool, given: key) }
      end
    end
  end
end
