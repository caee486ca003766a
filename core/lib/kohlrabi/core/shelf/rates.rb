# frozen_string_literal: true

module Core
  module Shelf
    # Minutes of hands-on work by task, from data/shelf/rates.yml, and what a way of applying takes.
    module Rates
      TABLE = Core.table("shelf/rates").freeze
      # What the sprayer loses beyond the tin's own figure, which holds for brush, roller and cloth (common practice, no
      # source).
      SURCHARGE = { "spray" => 0.30 }.freeze

      extend self

      # Minutes a square metre and fixed minutes of a task (Symbol).
      def of(task) = TABLE.fetch(task)

      # m² above which spraying pays for one coat: its fixed minutes ÷ what it saves a square metre over the brush.
      def spray_break_even = of(:spray)[:fixed] / (of(:brush)[:m2] - of(:spray)[:m2]).to_f

      # Millilitres for an area in m²: area × coats ÷ rate × (1 + surcharge). rate: m² a litre.
      def millilitres(area, rate:, coats: 1, way: "brush") = area * coats / rate * 1000 * (1 + SURCHARGE.fetch(way, 0))
    end
  end
end
