# frozen_string_literal: true

require_relative "../server_helper"
require "committee"
require "rack/test"

# Speaks to the application as a browser does, and holds every single answer against the contract.
module ApiHelper
  include Rack::Test::Methods
  include Committee::Test::Methods

  # Every address that was called, for support/called.rb: the specs run in several processes, and together they call all
  # there are.
  CALLED = Set.new

  def app = @app ||= Api::Stack.build

  def committee_options
    @committee_options ||= { schema: Api::Contract.schema, query_hash_key: "rack.request.query_hash", parse_response_by_content_type: true }
  end

  def request_object = last_request
  def response_data = [last_response.status, last_response.headers, last_response.body]

  # Sends a request and returns the parsed answer. headers: as Rack names them.
  def call(method, path, body = nil, headers = {})
    header = { "HTTP_HOST" => "127.0.0.1", "CONTENT_TYPE" => "application/json" }.merge(headers)
    custom_request(method.to_s.upcase, path, {},
                   { input: body.is_a?(String) ? body : (body && JSON.generate(body)), **header })
    assert_response_schema_confirm(last_response.status)
    CALLED << "#{method} #{path.split('?').first}"
    last_response.media_type.to_s.end_with?("json") ? JSON.parse(last_response.body) : last_response.body
  end

  def status = last_response.status

  # A piece with the given fields; returns its id.
  def piece(**fields)
    call(:post, "/api/pieces", { name: "Bench", bought_on: "2026-05-01", purchase: "30", **fields }).fetch("id")
  end

  def event(id, kind, on, **rest) = call(:post, "/api/pieces/#{id}/events", { kind: kind, on: on, **rest })

  def figure(id, key)
    call(:get, "/api/pieces/#{id}").values_at("figures", "turnaround", "prices").flatten.find do |one|
      one["key"] == key
    end
  end

  # The sentence of a refusal of one field.
  def refusal(answer, field)
    answer.fetch("errors").find { |error| error["field"] == field.to_s }&.fetch("message")
  end
end

RSpec.configure do |config|
  config.include ApiHelper, :api
  config.after(:suite) do
    if ENV["KOHLRABI_CALLED"]
      File.write(ENV["KOHLRABI_CALLED"], ApiHelper::CALLED.map do |one|
        "#{one}\n"
      end.join, mode: "a")
    end
  end
  config.define_derived_metadata(file_path: %r{/spec/api/}) { |metadata| metadata[:api] = true }
end
