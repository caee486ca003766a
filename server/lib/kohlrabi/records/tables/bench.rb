# frozen_string_literal: true

module Records
  # A running timer: at most one a person. It is a row, so it outlives browser and server.
  class Timer < Base
    include Removable

    belongs_to :person
    has_many :timer_pieces

    # Steps of plans that it runs on, once they have been looked up.
    attr_accessor :planned

    # Under which a device asked for it, once that has been looked up.
    attr_accessor :reference

    def pieces = timer_pieces.map(&:piece)
  end

  # A piece that a running timer is for.
  class TimerPiece < Base
    include OfDeed

    belongs_to :timer
    belongs_to :piece
  end

  # A step that somebody moved to another day.
  class SessionMove < Base
    include OfDeed
    include Removable

    belongs_to :piece
  end
end
