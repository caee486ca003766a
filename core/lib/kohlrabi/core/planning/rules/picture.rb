# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # The picture after.
      class Picture < PieceRule
        rule "Show it",
             on: "every piece",
             why: "the picture after is of the finished piece"

        def plan = add(:picture, zones)
      end
    end
  end
end
