# frozen_string_literal: true

require "committee"
require "rack"
require "rack/deflater"
require "securerandom"

module Api
  # The whole Rack application: who may ask, how much, in what shape, and only then the routes.
  module Stack
    LOCAL = ["127.0.0.1", "localhost", "[::1]", "::1"].freeze
    YEAR = 31_536_000

    extend self

    # hosts: names under which the server may be asked for; passcode: whether it must be given.
    def build(hosts: LOCAL, passcode: false)
      Rack::Builder.new do
        use Middleware::SecurityHeaders
        use Middleware::ErrorResponses
        use Middleware::OwnHost, permitted_hosts: hosts, logging: false
        use Middleware::SameOrigin, logging: false
        use Middleware::BodyLimit
        use Middleware::Passcode if passcode
        use Rack::Deflater, if: ->(_env, _status, headers, _body) { headers["content-type"].to_s.match?(/json|javascript|css|html|svg/) }
        use Rack::Static, urls: ["/assets"], root: Routes::Pages::PUBLIC,
                          header_rules: [[:all, { "cache-control" => "public, max-age=#{YEAR}, immutable" }]]
        use Rack::Static, urls: ["/favicon.svg", "/icons/"], root: Routes::Pages::PUBLIC
        # What a device keeps of the application is asked for again each time it is opened.
        use Rack::Static, urls: ["/sw.js", "/manifest.webmanifest"], root: Routes::Pages::PUBLIC,
                          header_rules: [[:all, { "cache-control" => "no-cache" }],
                                         [/webmanifest\z/, { "content-type" => "application/manifest+json" }]]
        use Committee::Middleware::RequestValidation, schema: Contract.schema, error_class: Contract::Error, strict: false,
                                                      parse_response_by_content_type: true, coerce_date_times: false
        use Middleware::Maintenance
        use Middleware::Context
        run App
      end.to_app
    end
  end
end
