# frozen_string_literal: true

module Records
  # How the sprayer was set for a product, kept by its key.
  class SpraySetting < Base
  end
end
