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
end
