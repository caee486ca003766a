# frozen_string_literal: true

module Core
  # For classes that refuse at several places: include it.
  module Refusing
    private

    # Raises Refusal. code: of the catalogue, data/refusals.yml; field: the one at fault, or nil; params: what its
    # sentences say.
    def refuse(code, field: nil, **params) = raise(Refusal.new(code, field: field, **params))
  end
end
