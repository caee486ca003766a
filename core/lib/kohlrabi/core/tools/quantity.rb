# frozen_string_literal: true

module Core
  module Tools
    # Paint, finish, stripper or aerosol for an area, in whole containers.
    class Quantity < Tool
      tool "quantity", "Paint and finish needed", "How much an area takes in so many coats, in whole containers.",
           group: "coating"
      field :product, "Product", :product, "paint_all"
      field :area, "Area", :area, 1_500_000.0
      field :coats, "Coats or repeats", :count, 2, within: 1..12
      field :way, "Applied by", :choice, "brush",
            choices: { "brush" => "brush", "roller" => "roller", "spray" => "sprayer", "hand" => "by hand" }
      field :pieces, "Identical pieces", :count, 1, within: 1..200

      def self.start(start) = { area: start.painted, coats: start.coats }.compact

      private

      def headline
        "#{formatter.amount(amount)} of #{row[:label]} for #{formatter.count(self[:coats], 'coat')} on #{formatter.area(area)}."
      end

      def lines
        [["A coat", formatter.amount(amount / self[:coats]), ["area ÷ #{formatter.rate(rate)}", lost].compact.join(" × ")],
         ["All coats", formatter.amount(amount), formatter.count(self[:coats], "coat")],
         ["To buy", Shelf::Amount.packs(line.packs, line.row, unit: formatter.unit), "whole containers"],
         ["Left over", formatter.amount(line.over), nil]]
      end

      def materials = { row[:key] => whole }

      def cautions = row[:cautions]

      def assumes
        ["#{formatter.rate(rate)}: #{row.key?(:like) ? 'the label' : 'common practice, unless the label says otherwise'}.",
         ("#{surcharge}% is lost as mist (common practice)." if lost)].compact
      end

      # m² a litre.
      def rate
        return row[:rate] if row[:rate] && row[:unit] == "ml"

        refuse(:not_reckoned_by_area, field: :product, row: row[:label].capitalize)
      end

      def line
        @line ||= Planning::Stock.new({ row[:key] => whole }, products).lines.first
      end

      # Whole millilitres; what floats leave behind the sixth place is no millilitre more.
      def whole = amount.round(6).ceil
      def row = @row ||= products.fetch(self[:product])
      def area = self[:area] * self[:pieces]
      def surcharge = (Shelf::Rates::SURCHARGE.fetch(self[:way], 0) * 100).round
      def lost = ("(1 + #{surcharge}% for the mist)" if surcharge.positive?)
      def amount = Shelf::Rates.millilitres(area / 1e6, rate: rate, coats: self[:coats], way: self[:way])

      # The containers, each filled as far as it is used; the width of one is the cube root of what it holds.
      def picture
        tins = line.packs.flat_map { |size, number| Array.new([number, 12].min, size) }
        sides = tins.map { |size| Math.cbrt(size * 1000) }
        pic = Picture.new(sides.sum + (20 * (tins.size + 1)), sides.max + 20,
                          "#{formatter.count(tins.size, 'container')}, #{formatter.amount(line.over)} left in the last")
        x = 20.0
        left = amount
        tins.zip(sides).each do |size, side|
          part = [left / size, 1].min
          pic.rect(x, pic.height - side, side, side, "gap").rect(x, pic.height - (side * part), side, side * part, "paint",
                                                                 Shelf::Amount.text(size, row, unit: formatter.unit))
          left = [left - size, 0].max
          x += side + 20
        end
        pic
      end
    end
  end
end
