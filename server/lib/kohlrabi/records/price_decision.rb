# frozen_string_literal: true

module Records
  # An asking price that was decided, with its reason.
  class PriceDecision < Base
    include Removable

    belongs_to :piece
  end
end
