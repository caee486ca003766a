# frozen_string_literal: true

module Api
  module Middleware
    # Once an answer is on its way, works out again what takes longer than a page may wait: what own listings say of
    # the market. A device that tells much has plans counted once, after the last of it.
    class Maintenance
      AFTER = "rack.after_reply" # what the server calls when it has answered
      ASKED_ALL_THE_TIME = "/api/version" # and reads nothing that is counted here
      MORE = "HTTP_MORE_FOLLOWS" # said by a device with all but the last of what it tells

      def initialize(app)
        @app = app
      end

      def call(env)
        answer(env).tap { env[AFTER]&.push(method(:renew)) if Operations::Market::Fits.wanted? || changes?(env) }
      end

      private

      def answer(env)
        return Operations::Flips::DeferredPlans.gather { @app.call(env) } if env.key?(MORE)

        bring_up_to_date unless env["PATH_INFO"] == ASKED_ALL_THE_TIME
        @app.call(env)
      end

      # What was put off, and what follows the day: counted before anybody reads it.
      def bring_up_to_date
        Operations::Flips::DeferredPlans.catch_up
        today = Operations::Support::Context.open { Operations::Support::Workshop.today }
        return if [@day, @file] == [today, Records::Database.file]

        Operations::Support::Context.open { Operations::Flips::BoothRents.run }
        @day = today
        @file = Records::Database.file
      rescue StandardError => e # the next request tries again
        warn "Rents could not be brought up to today: #{e.class}: #{e.message}"
      end

      def changes?(env) = !%w[GET HEAD].include?(env["REQUEST_METHOD"]) && !env.key?(MORE)

      def renew
        Operations::Support::Context.open { Operations::Market::Fits.renew }
      rescue StandardError => e # the page that needs it asks again
        warn "What own listings say could not be worked out: #{e.class}: #{e.message}"
      end
    end
  end
end
