# frozen_string_literal: true

module Operations
  module Support
    # Somebody else saved first. Carries both versions, so that nothing is lost.
    class EditConflict < StandardError
      attr_reader :current, :yours

      # current: the record as it stands; yours: Hash of what was to be saved.
      def initialize(current, yours)
        @current = current
        @yours = yours
        super("This was changed in another tab or on another device since you opened it. Compare the two versions and choose.")
      end
    end
  end
end
