# frozen_string_literal: true

module Api
  module Middleware
    # Gives each request its context, so that nothing is looked up twice in it.
    class Context
      def initialize(app)
        @app = app
      end

      def call(env) = Operations::Support::Context.open { @app.call(env) }
    end
  end
end
