# frozen_string_literal: true

module Core
  module Shelf
    # Minutes of hands-on work by task, from data/shelf/rates.yml, and what a way of applying takes.
    module Rates
      TABLE = Core.table("shelf/rates").freeze
      # Surcharge on the paint by the way of applying (common practice, no source).
      SURCHARGE = { "brush" => 0.05, "roller" => 0.10, "spray" => 0.30, "hand" => 0.05 }.freeze
      SPRAY_GAIN = 4.5 # times as fast as the brush (common practice, weak)

      extend self

      # Minutes a square metre and fixed minutes of a task (Symbol).
      def of(task) = TABLE.fetch(task)

      # m² above which spraying pays: overhead ÷ (1 ÷ v − 1 ÷ 4.5v), v the brush's m² an hour.
      def spray_break_even
        brush = 60.0 / of(:brush)[:m2]
        (of(:spray)[:fixed] / 60.0) / ((1 / brush) - (1 / (SPRAY_GAIN * brush)))
      end

      # Millilitres for an area in m²: area × coats ÷ rate × (1 + surcharge). rate: m² a litre.
      def millilitres(area, rate:, coats: 1, way: "brush") = area * coats / rate * 1000 * (1 + SURCHARGE.fetch(way))
    end
  end
end
