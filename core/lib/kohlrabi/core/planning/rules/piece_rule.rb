# frozen_string_literal: true

require "delegate"

module Core
  module Planning
    module Rules
      # A rule of the craft for the piece as a whole. It asks the WholePiece and adds tasks to it, as Rule does for
      # one zone.
      class PieceRule < DelegateClass(WholePiece)
        extend Header

        def apply = (plan if applies?)
        def applies? = true

        private

        # The same task on several zones, its minutes and materials on the first.
        def add(name, list, key: name.to_s.tr("_", "-"), minutes: 0, materials: {}, **rest)
          list.each_with_index do |zone, index|
            tasks << Tasks.make(name, zone, key: key, minutes: index.zero? ? minutes : 0,
                                            materials: index.zero? ? materials : {}, **rest)
          end
        end
      end
    end
  end
end
