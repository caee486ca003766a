# frozen_string_literal: true

require "delegate"

module Core
  module Planning
    module Rules
      # The header that every rule begins with; docs/rules/planning.md is made from them.
      module Header
        attr_reader :title, :told_when, :told_why, :source

        # title: as one calls it; on: when it applies; why; source: published, or “common practice, no source”.
        def rule(title, on:, why:, source: "common practice, no source")
          @title = title
          @told_when = on
          @told_why = why
          @source = source
        end
      end

      # A rule of the craft for one zone: when it applies, what is done then. It asks the zone's ZonePlan and adds tasks
      # to it; each stands in a file of its own, which begins by saying when it applies, why, and where it is from.
      class Rule < DelegateClass(ZonePlan)
        extend Header

        def apply = (plan if applies?)
        def applies? = finished?

        private

        # See Tasks.make; of: row of a product, whose label and cautions go along.
        def add(name, of: nil, words: {}, cautions: [], **rest)
          words = { with: of[:label] }.merge(words) if of
          tasks << Tasks.make(name, late?(name) ? relieved : zone, words: words,
                                                                   cautions: of ? of[:cautions] + cautions : cautions, **rest)
        end

        # Whether it is done once all that is put on is on.
        def late?(name) = Phases.place(Tasks::ROWS.fetch(name)[:phase]) >= Phases.place("sand")
      end

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
