# frozen_string_literal: true

module Api
  module Middleware
    # Lets nobody at the records or photos without a session. Used only when the server listens beyond this machine; the
    # page itself, which holds no data, is open so that the passcode can be asked for.
    class Passcode
      COOKIE = "kohlrabi_session"
      GUARDED = %r{\A/(api|photos)/}

      def initialize(app)
        @app = app
      end

      def call(env)
        return @app.call(env) if open?(env) || Operations::House::Access.known?(Rack::Request.new(env).cookies[COOKIE])

        Problem.response(401, "This workshop asks for its passcode.")
      end

      private

      # The path is looked at as the routes will see it, without tricks of encoding or doubled slashes.
      def open?(env)
        path = Rack::Utils.clean_path_info(Rack::Utils.unescape_path(env["PATH_INFO"]))
        !path.match?(GUARDED) || (path == "/api/session" && env["REQUEST_METHOD"] == "POST")
      end
    end
  end
end
