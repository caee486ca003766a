# frozen_string_literal: true

module Api
  # Problem documents (RFC 9457): what was wrong, with the field and the remedy; never a stack trace.
  module Problem
    TYPE = "application/problem+json"
    TITLES = { 400 => "The request can't be read", 401 => "Passcode needed", 403 => "Refused", 404 => "Not found", 405 => "Not possible",
               410 => "Lost", 409 => "Changed somewhere else", 413 => "Too large", 415 => "Unsupported content type",
               429 => "Too many tries", 499 => "Connection closed", 507 => "Can't save",
               422 => "Not saved", 500 => "Something went wrong here" }.freeze

    extend self

    # errors: Array of {field:, message:, code:?}. Returns a Hash.
    def document(status, detail, errors: [], **rest)
      { type: "about:blank", title: TITLES.fetch(status), status: status, detail: detail, errors: errors, **rest }
    end

    # A whole Rack response, for middleware.
    def response(status, detail)
      [status, { "content-type" => TYPE, "cache-control" => "no-store" }, [JSON.generate(document(status, detail))]]
    end

    # The document of Support::Danger: with the piece, and the caution to read, or what the lead question is about.
    def danger(error)
      unit = Operations::Support::Workshop.current.length_unit
      caution = error.caution && Core::Planning::Cautions.row(error.caution, unit: unit).slice(:key, :text, :wear,
                                                                                               :waste)
      about = Core::Planning::Cautions.row(:lead).slice(:text, :wear, :waste) unless caution
      refused(error).merge(danger: { piece: { id: error.piece.id, name: error.piece.name }, caution: caution,
                                     about: about })
    end

    # The document of Support::Refused.
    def refused(error)
      errors = error.refusals.map do |refusal|
        { field: refusal.field&.to_s, message: refusal.message, code: refusal.code.to_s }
      end
      document(422, error.message, errors: errors)
    end
  end
end
