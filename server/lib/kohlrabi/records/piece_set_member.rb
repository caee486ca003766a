# frozen_string_literal: true

module Records
  # A piece of a set, with the price it was offered at by itself before.
  class PieceSetMember < Base
    belongs_to :piece_set
    belongs_to :piece
  end
end
