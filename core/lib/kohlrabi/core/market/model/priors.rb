# frozen_string_literal: true

module Core
  module Market
    module Model
      # What is taken for granted before own sales say otherwise: rows of data/market/priors.yml.
      module Priors
        Row = Struct.new(:mean, :sd, :said, keyword_init: true)
        ROWS = Core.table("market/priors").to_h do |row|
          [row[:key], Row.new(**row.slice(:mean, :sd, :said)).freeze]
        end.freeze
        # Spread of one piece among its kind: the evidence says which of them.
        SPREADS = [0.15, 0.22, 0.30].freeze
        # Of what others ask or got, by likeness 3 (just like it), 2, 1; and of one that was looked up for another
        # piece of the kind.
        ALIKE = { 3 => 0.25, 2 => 0.30, 1 => 0.40 }.freeze
        TYPED = 0.30 # of a figure somebody types, before there is a record of such figures
        NEW = [0.30, 0.5].freeze # share of what the look costs new, and its spread
        GOT = [5, 0.93].freeze # so many sales' worth of: what is got of what is asked
        HALF_LIFE = 730 # days in which an old listing fades to half
        LATEST = 500 # listings that are looked at
        # Where the usual figures are of another money, only how kinds stand to each other is taken from them.
        LEVEL_UNKNOWN = 3.0

        extend self

        # key: of a parameter ("kind:desk"). Returns Row: its own, or its family's.
        def of(key) = ROWS.fetch(key) { ROWS.fetch(key[/\A[^:]+/]) }
      end
    end
  end
end
