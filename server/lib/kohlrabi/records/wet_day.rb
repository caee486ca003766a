# frozen_string_literal: true

module Records
  # A date on which nothing is worked outdoors.
  class WetDay < Base
    validates :day, presence: true
  end
end
