# frozen_string_literal: true

module Kohlrabi
  module Records
    # A piece that a running timer is for.
    class TimerPiece < Base
      belongs_to :timer
      belongs_to :piece
    end
  end
end
