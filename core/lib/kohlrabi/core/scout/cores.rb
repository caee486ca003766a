# frozen_string_literal: true

module Core
  module Scout
    # What is inside a panel that is to be cut, from data/scout/cores.yml.
    module Cores
      ROWS = Core.table("scout/cores").to_h { |row| [row[:key], row] }.freeze

      extend self

      def choices = ROWS.map { |key, row| [key, row[:label]] }

      # {label:, cut:, wrong:} or nil.
      def fetch(key) = ROWS[key]
    end
  end
end
