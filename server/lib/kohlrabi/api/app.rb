# frozen_string_literal: true

require "sinatra/base"

module Api
  # The HTTP interface: short routes that hand on to the operations and say what they answer.
  class App < Sinatra::Base
    set :show_exceptions, false
    set :raise_errors, false
    set :dump_errors, false
    set :static, false
    set :protection, false # done by the middleware in Api::Stack
    set :host_authorization, permitted_hosts: []

    helpers Helpers
    register Routes::House::Workshop, Routes::Flips::Pieces, Routes::Flips::Costs, Routes::Bench::Hours, Routes::Bench::Today, Routes::Books::Imports,
             Routes::Scout::Prospects, Routes::Flips::Bought, Routes::Planning::Plans, Routes::Bench::Schedule, Routes::Shelf::Containers,
             Routes::Shelf::Mixes, Routes::Shelf::Colours, Routes::Shelf::Stash, Routes::Tools::Calculators, Routes::Market::Selling,
             Routes::Flips::Photos, Routes::Books::Learning, Routes::Books::Exports, Routes::Market::Listings,
             Routes::House::Access, Routes::House::Labels, Routes::Pages

    error(JSON::ParserError) { problem(Problem.document(400, "The body isn't a JSON object. Send the whole body again.")) }
    error(Sinatra::BadRequest) { problem(Problem.document(400, "The request can't be read: its query or body is malformed.")) }
    error(ClientGone) { |error| problem(Problem.document(499, error.message)) }
    error(Operations::Support::Danger) { |error| problem(Problem.danger(error)) }
    error(Operations::Support::Refused) { |error| problem(Problem.refused(error)) }
    error(Core::Refusal) { |error| problem(Problem.refused(Operations::Support::Refused.new([error]))) }
    error(Operations::Support::NotFound) { |error| problem(Problem.document(404, error.message)) }
    error(Operations::House::Access::TooMany) do |error|
      headers "retry-after" => error.wait.to_s
      problem(Problem.document(429, error.message))
    end
    error(Operations::Support::Facts::Known) do |error|
      problem(Problem.document(409, error.message, known: { id: error.id }))
    end
    error(Operations::Support::EditConflict) { |error| problem(stale(error)) }
    error(ActiveRecord::RecordNotUnique) { problem(Problem.document(409, "This was just recorded. Reload the page to see it.")) }
    error do |error|
      # A module of Rack that several of its errors include: too many parts, too deep, a boundary too long.
      if error.is_a?(Rack::BadRequest)
        next problem(Problem.document(400,
                                      "The request can't be read: its query or body is malformed."))
      end

      if (trouble = Storage.trouble(error))
        warn "#{request.request_method} #{request.path}: #{error.message}"
        next problem(Problem.document(507, trouble.to_s))
      end
      warn "#{request.request_method} #{request.path}: #{error.full_message(highlight: false)}"
      problem(Problem.document(500,
                               "Something went wrong. Reload the page to see whether your change was saved, then try again. If it keeps " \
                               "happening, check what Kohlrabi printed on the workshop's computer."))
    end
    not_found { problem(Problem.document(404, "There's nothing at this address.")) }
  end
end
