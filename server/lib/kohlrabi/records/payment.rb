# frozen_string_literal: true

module Records
  # Part of a price that was paid before or after the piece went.
  class Payment < Base
    include Removable

    belongs_to :piece
  end
end
