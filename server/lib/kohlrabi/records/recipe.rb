# frozen_string_literal: true

module Records
  # A plan kept as the workshop's own recipe.
  class Recipe < Base
    include Removable
  end
end
