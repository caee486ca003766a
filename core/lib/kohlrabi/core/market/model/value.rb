# frozen_string_literal: true

module Core
  module Market
    module Model
      # What a piece is worth on the market: the price asked at which half of pieces like it sell within 21 days,
      # with its doubt and who says so. log: ln of it in minor units; doubt: standard deviation of that; sources:
      # Array of Source, the heaviest first, shares adding up to one.
      Value = Struct.new(:log, :doubt, :sources, keyword_init: true)

      # How it is read.
      class Value
        # key: own, others, comparables, seen, usual, typed or new; number: how many it rests on, or nil; share:
        # 0..1 of the weight; log: ln of what this one says by itself, or nil where it says it only together with
        # others.
        Source = Struct.new(:key, :number, :share, :log, keyword_init: true)
        EIGHTY = 1.2816 # standard deviations either side that hold 80% of a normal spread

        # Minor units as Float: in the middle, and the ends that hold it four times of five.
        def middle = Math.exp(log)
        def low = Math.exp(log - (EIGHTY * doubt))
        def high = Math.exp(log + (EIGHTY * doubt))
      end
    end
  end
end
