# frozen_string_literal: true

module Operations
  module Support
    # Refused because it can hurt somebody: with the piece it is about, and the caution to read first, so that either
    # can be answered on the spot.
    class Danger < Refused
      attr_reader :piece, :caution

      # refusal: Core::Refusal; caution: key of data/planning/cautions.yml, or nil where it is the lead question.
      def initialize(refusal, piece:, caution: nil)
        super([refusal])
        @piece = piece
        @caution = caution
      end
    end
  end
end
