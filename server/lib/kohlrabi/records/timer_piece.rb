# frozen_string_literal: true

module Records
  # A piece that a running timer is for.
  class TimerPiece < Base
    include OfDeed

    belongs_to :timer
    belongs_to :piece
  end
end
