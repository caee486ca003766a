# frozen_string_literal: true

module Operations
  module Support
    # The one way in which a use case refuses: extend a module with it.
    module Refusing
      # Raises Refused. code: of the catalogue, data/refusals.yml; field: the one at fault, or nil; params: what its
      # sentences say.
      def refuse(code, field: nil, **params) = raise(Refused, [Core::Refusal.new(code, field: field, **params)])
    end
  end
end
