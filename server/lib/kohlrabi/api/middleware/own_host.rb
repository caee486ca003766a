# frozen_string_literal: true

require "rack/protection"

module Api
  module Middleware
    # Answers only under the names it was given, so that no foreign name can be made to point here.
    class OwnHost < Rack::Protection::HostAuthorization
      def default_reaction(_env)
        Problem.response(403, "Kohlrabi does not answer under this name. Use the address that it printed.")
      end
    end
  end
end
