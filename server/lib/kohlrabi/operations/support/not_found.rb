# frozen_string_literal: true

module Operations
  module Support
    # What was asked for is not there, or has been removed.
    class NotFound < StandardError
      # what: "piece"; id: as it was given.
      def initialize(what, id)
        super("There is no #{what} #{id} here. It may have been removed.")
      end
    end
  end
end
