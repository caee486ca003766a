# frozen_string_literal: true

require "erb"
require "puma/server"
require "rack"

module Api
  # The page before the workshop: how a device comes to trust this house, in plain HTTP on the next port. It hands
  # out the public certificate and words, takes nothing in, and knows nothing of the data.
  class TrustPage
    CERTIFICATE = "/kohlrabi-house.crt"
    HEADERS = { "content-type" => "text/html; charset=utf-8", "cache-control" => "no-store", "x-content-type-options" => "nosniff",
                "content-security-policy" => "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'; base-uri 'none'; " \
                                             "form-action 'none'" }.freeze
    PAGE = ERB.new(File.read(File.join(__dir__, "trust_page.html.erb")), trim_mode: "-")

    # Serves it on the addresses of a Server::Lan, one port above; returns at once.
    def self.serve(lan, port)
      server = Puma::Server.new(new(lan, port), nil, min_threads: 1, max_threads: 2, log_writer: Puma::LogWriter.null)
      lan.addresses.each { |address| server.add_tcp_listener(address, port + 1) }
      server.run
    end

    def initialize(lan, port)
      @house = lan.house
      @addresses = lan.addresses
      @port = port
    end

    # env: of Rack. Only addresses of this machine are answered, so that no other site's name leads here.
    def call(env)
      request = Rack::Request.new(env)
      return plain(405, "This page is read-only.") unless request.get? || request.head?
      unless @addresses.include?(request.host)
        return plain(403,
                     "Open this page at the address shown on the workshop's computer.")
      end

      case request.path_info
      when CERTIFICATE then [200, { **HEADERS, "content-type" => "application/x-x509-ca-cert" }, [@house.public_der]]
      when "/" then page(request.host, :trust)
      when "/compare" then page(request.host, :compare)
      else plain(404, "There's nothing at this address.")
      end
    end

    private

    def plain(status, text) = [status, HEADERS.merge("content-type" => "text/plain; charset=utf-8"), [text]]

    def page(host, step)
      given = { step: step, fingerprint: @house.fingerprint.split, certificate: CERTIFICATE, link: "https://#{host}:#{@port}/" }
      [200, HEADERS, [PAGE.result_with_hash(given)]]
    end
  end
end
