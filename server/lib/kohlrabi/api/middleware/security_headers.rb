# frozen_string_literal: true

module Api
  module Middleware
    # A strict policy on every answer: own scripts only, own styles and those that carry this answer's nonce.
    class SecurityHeaders
      NONCE = "kohlrabi.nonce"

      def initialize(app)
        @app = app
      end

      def call(env)
        nonce = env[NONCE] = SecureRandom.base64(18)
        status, headers, body = @app.call(env)
        [status, headers.merge(SecurityHeaders.policy(nonce)), body]
      end

      # The headers of an answer. nonce: of its styles.
      def self.policy(nonce)
        { "content-security-policy" => "default-src 'none'; script-src 'self'; style-src 'self' 'nonce-#{nonce}'; img-src 'self' data:; " \
                                       "font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; " \
                                       "form-action 'none'; frame-ancestors 'none'",
          "x-content-type-options" => "nosniff", "referrer-policy" => "no-referrer", "x-frame-options" => "DENY",
          "cross-origin-opener-policy" => "same-origin", "cross-origin-resource-policy" => "same-origin" }
      end
    end
  end
end
