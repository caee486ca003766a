# frozen_string_literal: true

module Kohlrabi
  module Api
    module Middleware
      # Once an answer is on its way, works out anew what takes longer than a page may wait: what own listings say of
      # the market.
      class Renewal
        AFTER = "rack.after_reply" # what the server calls when it has answered

        def initialize(app)
          @app = app
        end

        def call(env)
          @app.call(env).tap { env[AFTER]&.push(method(:renew)) if Operations::Market::Fits.wanted? || changes?(env) }
        end

        private

        # A device that tells much says so with all but the last of it.
        def changes?(env) = !%w[GET HEAD].include?(env["REQUEST_METHOD"]) && env["HTTP_MORE_FOLLOWS"].nil?

        def renew
          Operations::Support::Context.open { Operations::Market::Fits.renew }
        rescue StandardError => e # the page that needs it asks again
          warn "What own listings say could not be worked out: #{e.class}: #{e.message}"
        end
      end
    end
  end
end
