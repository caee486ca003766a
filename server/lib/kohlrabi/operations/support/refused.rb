# frozen_string_literal: true

module Operations
  module Support
    # Bad input: one or more refusals, each naming its field. Nothing was written.
    class Refused < StandardError
      attr_reader :refusals

      # refusals: Array of Core::Refusal.
      def initialize(refusals)
        @refusals = refusals
        super(refusals.map(&:message).join(" "))
      end
    end
  end
end
