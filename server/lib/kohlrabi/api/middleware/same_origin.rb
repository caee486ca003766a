# frozen_string_literal: true

require "rack/protection"

module Api
  module Middleware
    # Refuses every request, reading ones too, that a page of another origin makes. The Host itself is checked
    # by OwnHost before.
    class SameOrigin < Rack::Protection::HttpOrigin
      def accepts?(env)
        origin = env["HTTP_ORIGIN"]
        return cross_site_read?(env) if origin.nil?

        origin == base_url(env)
      end

      def default_reaction(_env)
        Problem.response(403, "This request comes from another site. Kohlrabi answers only its own pages.")
      end

      private

      # A navigation from a link elsewhere is a person arriving; anything else cross-site is not.
      def cross_site_read?(env)
        env["HTTP_SEC_FETCH_SITE"] != "cross-site" || env["HTTP_SEC_FETCH_MODE"] == "navigate"
      end
    end
  end
end
