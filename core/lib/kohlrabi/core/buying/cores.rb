# frozen_string_literal: true

module Kohlrabi
  module Core
    module Buying
      # What is inside a panel that is to be cut, from data/cores.yml.
      module Cores
        ROWS = Core.table("cores").to_h { |row| [row[:key], row] }.freeze

        module_function

        def choices = ROWS.map { |key, row| [key, row[:label]] }

        # {label:, cut:, wrong:} or nil.
        def fetch(key) = ROWS[key]
      end
    end
  end
end
