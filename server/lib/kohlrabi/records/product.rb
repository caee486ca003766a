# frozen_string_literal: true

module Records
  # A product of the workshop's own with the figures of its label.
  class Product < Base
    include Removable
  end
end
