# frozen_string_literal: true

module Api
  module Middleware
    # The outermost answer to a request that cannot be read: an address, query, form or body that is malformed is told
    # so, whatever layer trips over it, and what nobody foresaw is a plain problem too. Without this the web server
    # would answer by itself, without the headers of the house.
    class ErrorResponses
      UNREADABLE = [Rack::BadRequest, URI::InvalidURIError, EncodingError, EOFError].freeze
      FAILED = "Nothing was changed. Try again."
      BAD_TEXT = /invalid %-encoding|invalid byte sequence|null byte|bad URI/

      # What the web server answers by itself, before a request reaches the application: [status, headers, body], as all
      # other answers.
      def self.by_the_server(error, status)
        warn "The web server refused a request: #{error.class}" unless status < 500 || status == 501
        unreadable = "The request cannot be read: its address, query or body is malformed."
        refused = status < 500 || status == 501
        code, headers, body = refused ? Problem.response(400, unreadable) : Problem.response(500, FAILED)
        [code, headers.merge(SecurityHeaders.policy(SecureRandom.base64(18))), body]
      end

      def initialize(app)
        @app = app
      end

      def call(env)
        return unreadable unless text?(env["PATH_INFO"]) && text?(env["QUERY_STRING"])

        @app.call(env)
      rescue *UNREADABLE
        unreadable
      rescue ArgumentError => e
        e.message.match?(BAD_TEXT) ? unreadable : failed(env, e)
      rescue StandardError => e
        failed(env, e)
      end

      private

      # Whether an address or a query is UTF-8 without NUL once its percent signs are read.
      def text?(raw)
        text = Rack::Utils.unescape_path(raw.to_s).force_encoding(Encoding::UTF_8)
        text.valid_encoding? && !text.include?("\0") && !raw.to_s.match?(/%(?!\h\h)/)
      rescue ArgumentError
        false
      end

      def unreadable = Problem.response(400, "The request cannot be read: its address, query or body is malformed.")

      def failed(env, error)
        warn "#{env['REQUEST_METHOD']} #{env['PATH_INFO']}: #{error.full_message(highlight: false)}"
        Problem.response(500,
                         "Something went wrong. Reload the page to see whether your change was saved, then try again. If it keeps " \
                         "happening, check what Kohlrabi printed on the workshop's computer.")
      end
    end
  end
end
