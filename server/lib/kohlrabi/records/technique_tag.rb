# frozen_string_literal: true

module Records
  # A technique in the person's own words, such as "stripped to wood": what flips are compared by.
  class TechniqueTag < Base
    belongs_to :piece
  end
end
