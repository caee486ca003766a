# frozen_string_literal: true

module Records
  # One piece's share of the time worked; the shares of an entry add up to it.
  class WorkShare < Base
    include OfDeed

    belongs_to :work_entry
    belongs_to :piece
  end
end
