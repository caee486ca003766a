# frozen_string_literal: true

module Records
  # An asking price, set or changed by an event.
  class Listing < Base
    belongs_to :event
  end
end
