# frozen_string_literal: true

module Operations
  module Support
    # The workshop as everything asks for it: its house rules, what day it is there, and who works in it.
    module Workshop
      extend self

      # Records::Workshop, the same one throughout a request.
      def current = Context.workshop

      # Today's local calendar date in the workshop.
      def today
        now = Clock.now
        Context.once([:today, now.to_i]) { current.date_of(now) }
      end

      # Those who work there, the first one entered first.
      def people = Records::Person.order(:id)
    end
  end
end
