# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # The picture before, and numbers on all parts.
      class Record < PieceRule
        rule "Record and number",
             on: "every piece",
             why: "the state before and the places of the parts cannot be had afterwards"

        def plan = add(:record, zones)
      end
    end
  end
end
