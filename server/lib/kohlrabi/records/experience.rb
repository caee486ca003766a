# frozen_string_literal: true

module Records
  # What was tried: a product on a surface with a tool, and whether it worked.
  class Experience < Base
    include OfDeed
    include Removable

    belongs_to :piece, optional: true
  end
end
