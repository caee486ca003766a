# frozen_string_literal: true

module Core
  module Market
    module Model
      # How a piece stands on the market today: its value, the doubt left after the path it took, and what its sale
      # is worth. value: Value; beta: of the demand; got: share; net: Net; day: worth of a day, minor units; season:
      # how much the coming months speed sales, Array of Float by fortnight or [1.0]; exposure: E of the path so
      # far; enquiries: so many (halved: they cluster); rate: enquiries a sale.
      Position = Struct.new(:value, :beta, :got, :net, :day, :season, :exposure, :enquiries, :rate, keyword_init: true)

      # What follows from it.
      class Position
        FORTNIGHT = 14.0

        def initialize(season: [1.0], exposure: 0.0, enquiries: 0.0, rate: 0.0, **rest) = super

        # The doubt as it is now.
        def frailty = Frailty.of(beta * value.doubt).after(exposure, enquiries: enquiries, rate: rate)

        # By how much what stood so long is likely worth less: ln of the rate now over that at first, ÷ β.
        def sunk
          first = Frailty.of(beta * value.doubt)
          now = frailty
          (Math.log(now.k / now.r) - Math.log(first.k / first.r)) / beta
        end

        # By how much the season speeds sales, so many days from now.
        def season_at(day) = season[[(day / FORTNIGHT).floor, season.size - 1].min]
      end
    end
  end
end
