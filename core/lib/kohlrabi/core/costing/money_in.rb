# frozen_string_literal: true

module Kohlrabi
  module Core
    module Costing
      # What was paid for a flip up to its sale. All amounts are minor units.
      class MoneyIn < Value
        # nil = the price is not known (then there is no profit); 0 = free.
        attribute :purchase, Types::Integer.optional
        attribute :materials, Types::Integer.default(0)
        attribute :hardware, Types::Integer.default(0)
        attribute :other, Types::Integer.default(0)
        # Flat sum for paper, cloths and tape; 0 until the workshop sets one.
        attribute :sundries, Types::Integer.default(0)

        # The Figures it consists of, in the order in which they are told.
        def parts
          @parts ||= [
            Figure.plain(:purchase, "Price paid", :money, purchase, why: ("price paid is not known" unless purchase)),
            Figure.plain(:materials, "Materials", :money, materials),
            Figure.plain(:hardware, "Hardware", :money, hardware),
            Figure.plain(:other, "Other costs", :money, other),
            Figure.plain(:sundries, "Sundries", :money, sundries)
          ]
        end

        # Σ of the parts; undefined while the price paid is not known.
        def figure
          @figure ||= Figure.sum(:cash_in, "Money in", :money, parts.map { |part| ["+", part] })
        end
      end
    end
  end
end
