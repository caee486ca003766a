# frozen_string_literal: true

module Records
  # A price to go down to on a day: planned, done or skipped.
  class PriceStep < Base
    include Removable

    belongs_to :piece
    belongs_to :event, optional: true
  end
end
