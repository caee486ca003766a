# frozen_string_literal: true

module Kohlrabi
  module Records
    # How one zone shall look.
    class LookZone < Base
      belongs_to :look
    end
  end
end
