# frozen_string_literal: true

module Api
  module Routes
    # The web part: built files as they are, and the one page for every address of the interface.
    module Pages
      PUBLIC = File.join(ROOT, "server/public")

      def self.registered(app)
        app.get(%r{/(?!api/|assets/|photos/).*}) do
          file = File.join(PUBLIC, "index.html")
          halt 503, "The interface isn't built yet. Start Kohlrabi with bin/kohlrabi serve." unless File.file?(file)

          content_type :html
          cache_control :no_store
          File.read(file).gsub("__NONCE__", request.env[Middleware::SecurityHeaders::NONCE])
        end
      end
    end
  end
end
