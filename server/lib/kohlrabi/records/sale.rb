# frozen_string_literal: true

module Records
  # What a sale brought and took.
  class Sale < Base
    belongs_to :event
  end
end
