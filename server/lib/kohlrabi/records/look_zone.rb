# frozen_string_literal: true

module Records
  # How one zone shall look.
  class LookZone < Base
    belongs_to :look
  end
end
