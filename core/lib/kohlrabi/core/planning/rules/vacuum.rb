# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Loose dirt goes first, by vacuum and brush.
      class Vacuum < Rule
        rule "Vacuum",
             on: "every zone that is worked on or cleaned",
             why: "loose dirt turns to mud under a wet cloth"

        # The inside is left alone where the look says so.
        def applies? = !fresh? && (zone.group != "inside" || brief.look.inside != "leave" || !left?)
        def plan = add(:vacuum, cautions: ground.sign?(:odour) ? %w[dust] : [])
      end
    end
  end
end
