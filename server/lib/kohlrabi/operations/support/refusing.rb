# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Support
      # The one way in which a use case refuses: extend a module with it.
      module Refusing
        # Raises Refused. problem, remedy: whole sentences; field: the one at fault, or nil.
        def refuse(problem, remedy = nil, field: nil) = raise(Refused, [Core::Refusal.new(problem, remedy, field: field)])
      end
    end
  end
end
