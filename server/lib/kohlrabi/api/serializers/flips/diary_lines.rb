# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Flips
        # Everything on a piece in order, the latest first.
        module DiaryLines
          # lines: Array of Operations::Flips::Diary::Line.
          def self.present(lines, say)
            lines.map do |line|
              { on: say.day(line.on), kind: line.kind, text: line.text, effort: say.effort(line.seconds), money: say.money(line.minor) }
            end
          end
        end
      end
    end
  end
end
