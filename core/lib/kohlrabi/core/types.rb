# frozen_string_literal: true

module Core
  # The types that value objects are checked by.
  module Types
    include Dry.Types(default: :strict)
  end
end
