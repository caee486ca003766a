# frozen_string_literal: true

module Core
  module Planning
    # The order of the work, from data/planning/phases.yml.
    module Phases
      ALL = Core.table("planning/phases")
      PLACE = ALL.each_with_index.to_h { |row, index| [row[:key], index] }.freeze
      BY_KEY = ALL.to_h { |row| [row[:key], row] }.freeze

      extend self

      # Number of a phase in the order. Raises KeyError.
      def place(key) = PLACE.fetch(key)
      def label(key) = BY_KEY.fetch(key)[:label]
      def why(key) = BY_KEY.fetch(key)[:why]
    end
  end
end
