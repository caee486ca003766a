# frozen_string_literal: true

require "delegate"

module Core
  module Planning
    module Rules
      # A rule of the craft for one zone: when it applies, what is done then. It asks the zone's Course and adds tasks
      # to it; each stands in a file of its own, which begins by saying when it applies, why, and where it is from.
      class Rule < DelegateClass(Course)
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
    end
  end
end
