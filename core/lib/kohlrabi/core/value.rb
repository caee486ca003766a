# frozen_string_literal: true

module Core
  # Base of the core's value objects: without setters, compared by content, checked when made.
  # Hot paths (the tallies over thousands of flips) use plain frozen structs instead.
  class Value < Dry::Struct
    schema schema.strict
  end
end
