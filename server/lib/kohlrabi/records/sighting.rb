# frozen_string_literal: true

module Records
  # A tag that was read on a day.
  class Sighting < Base
    include Removable

    belongs_to :prospect
  end
end
