# frozen_string_literal: true

module Records
  # Something that broke, and what was expected before and after it.
  class Damage < Base
    include Removable

    belongs_to :piece
    belongs_to :finding, optional: true # that the plan mends
  end
end
