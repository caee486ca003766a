# frozen_string_literal: true

module Core
  # The sentences of all refusals, one place for the core and for whoever asks it: data/refusals.yml, {code: {problem:,
  # remedy:}} with the names of their params in %{}.
  module Refusals
    ROWS = Core.table("refusals")

    extend self

    # params: Hash of what the sentence says. Returns a sentence.
    def problem(code, params) = said(ROWS.fetch(code).fetch(:problem), params)

    # As #problem; nil where there is none.
    def remedy(code, params) = ROWS.fetch(code)[:remedy]&.then { |sentence| said(sentence, params) }

    private

    def said(sentence, params)
      params = params.merge(given: Units::Numerals.clip(params[:given])) if params.key?(:given)
      I18n.interpolate(sentence, params)
    end
  end
end
