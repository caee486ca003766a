# frozen_string_literal: true

module Api
  module Middleware
    # Refuses bodies beyond what any request here needs, before they are parsed.
    class BodyLimit
      MAX_BYTES = 1_000_000 # bytes
      MAX_FILE = 8_000_000 # bytes, for a spreadsheet
      MAX_PHOTO_BYTES = Pictures::MAX_BYTES + 1_000_000 # larger ones are refused here, larger than Pictures takes by their name there

      def initialize(app)
        @app = app
      end

      def call(env)
        most = most(env["PATH_INFO"])
        return @app.call(env) if size(env) <= most

        Problem.response(413, "The request is larger than #{most / 1_000_000} MB. Send less at once.")
      end

      private

      def most(path)
        return MAX_FILE if path.start_with?("/api/imports")

        path == "/api/photos" ? MAX_PHOTO_BYTES : MAX_BYTES
      end

      # The declared length, or what has arrived where none is declared.
      def size(env)
        return env["CONTENT_LENGTH"].to_i if env["CONTENT_LENGTH"]

        input = env["rack.input"]
        input.respond_to?(:size) ? input.size.to_i : 0
      end
    end
  end
end
