# frozen_string_literal: true

module Operations
  module Bench
    # What planned work still needs, of plans and of bench tools: shelf/shopping.rb says how it is counted.
    module ToBuy
      extend self

      # Array of Shelf::Shopping::Row.
      def rows = Shelf::Shopping.rows(Schedules.now, Tools::SavedResults.needs)

      # What today's and tomorrow's work is short of, in sentences.
      def warnings(bench = Schedules.now) = Shelf::Shopping.warnings(bench, Tools::SavedResults.needs)
    end
  end
end
