# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Support
      # What one request looks up once: the workshop, and what the same query has answered already. The server opens one around each
      # request; without one (on the command line) everything is looked up each time.
      module Context
        KEY = :kohlrabi_context
        private_constant :KEY

        module_function

        # Runs the block in a context of its own and returns its value.
        def open(&)
          Thread.current[KEY] = {}
          Records::Base.cache(&)
        ensure
          Thread.current[KEY] = nil
        end

        # The workshop's record, the same one throughout a request.
        def workshop
          kept = Thread.current[KEY] or return Records::Workshop.first!
          kept[:workshop] ||= Records::Workshop.first!
        end

        # Has the workshop looked up anew: it was changed, or is about to be.
        def forget = Thread.current[KEY]&.clear
      end
    end
  end
end
