# frozen_string_literal: true

module Records
  # The figures of one flip as the core last computed them, for lists and Books. Always derivable; see doctor.
  class FlipSummary < Base
    belongs_to :piece
  end
end
