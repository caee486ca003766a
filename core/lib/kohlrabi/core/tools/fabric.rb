# frozen_string_literal: true

module Core
  module Tools
    # Fabric for seats: pieces nested across the cloth.
    class Fabric < Tool
      tool "fabric", "Seat fabric", "How big to cut each piece, and how much fabric the seats take.",
           group: "handling"
      field :count, "Seats alike", :count, 4, within: 1..200
      field :wide, "Width of a seat", :length, 450.0, within: 50..3000
      field :deep, "Depth of a seat", :length, 420.0, within: 50..3000
      field :thick, "Thickness with the padding", :length, 50.0, within: 0..300
      field :wrap, "Wrapped under, each side", :length, 50.0, within: 10..300
      field :cloth, "Width of the cloth", :length, 1400.0, within: 100..4000
      field :repeat, "Pattern repeats every", :length, 0.0, within: 0..1500
      field :turn, "May be turned", :choice, "no", choices: { "no" => "no, it has a direction", "yes" => "yes, plain" }

      private

      def parts = self[:count]

      def headline = "#{formatter.run((total / 1000).round(2))} of cloth #{length(self[:cloth])} wide."

      def lines
        [["A piece", "#{length(piece[0])} by #{length(piece[1])}", "seat + 2 × (thickness + wrap)"],
         ["Side by side", best.map { |way, _| way.across }.join(", then "), "cloth ÷ piece"],
         ["Rows", best.map(&:last).join(" and "),
          best.size > 1 ? "some turned, which takes the least fabric" : "seats ÷ side by side, rounded up"],
         ["A row takes", best.map do |way, _|
           length(way.row)
         end.join(", "), self[:repeat].positive? ? "up to the next repeat" : "the piece's length"]]
      end

      def cautions = %w[seat]

      def cuts
        [Answer::Cut.new(mark: "A", name: "seat cover", number: self[:count], long: piece[1], wide: piece[0],
                         from: "cloth #{length(self[:cloth])} wide")]
      end

      def steps
        [Answer::Step.new(label: "Cover #{formatter.count(self[:count], 'seat')}", work: "upholstery",
                          minutes: self[:count] * 30)]
      end

      def assumes
        ["Point the top of each seat the same way, and notch the middle of each side.",
         "Replace crumbling foam. Keep filling labels where the law requires it."]
      end

      def piece = [self[:wide], self[:deep]].map { |mm| mm + (2 * (self[:thick] + self[:wrap])) }

      # One way of laying a row: pieces side by side, length of the row, width and length of a piece.
      Way = Struct.new(:across, :row, :wide, :long)

      def ways
        lies = self[:turn] == "yes" ? [piece, piece.reverse].uniq : [piece]
        lies.filter_map do |wide, long|
          across = (self[:cloth] / wide).floor
          row = self[:repeat].positive? ? (long / self[:repeat]).ceil * self[:repeat] : long
          Way.new(across, row, wide, long) unless across.zero?
        end
      end

      # [[way, rows]]: of the first way so many rows, the rest of the other: the least cloth.
      def best
        @best ||= begin
          first, second = ways
          refuse(:wider_than_the_cloth, field: :cloth, wide: length(piece.first), remedy: narrower) unless first
          mixed(first, second).min_by { |rows| [rows.sum { |way, number| way.row * number }, rows.size] }
        end
      end

      def mixed(first, second)
        (0..full(self[:count], first)).filter_map do |number|
          left = [self[:count] - (number * first.across), 0].max
          next if left.positive? && second.nil?

          [[first, number], ([second, full(left, second)] if left.positive?)].compact.reject { |_, rows| rows.zero? }
        end
      end

      def full(pieces, way) = (pieces.to_f / way.across).ceil
      def total = best.sum { |way, number| way.row * number }

      def narrower
        turned = self[:turn] == "no" && piece.last <= self[:cloth] ? "It would fit turned, so allow that if the fabric is plain. " : ""
        "#{turned}Cloth of #{length(piece.first)} and more, or a seam."
      end

      def picture
        pic = Picture.new(self[:cloth], total, "Cloth with #{formatter.count(self[:count], 'piece')}")
        pic.rect(0, 0, self[:cloth], total, "offcut")
        places.first(self[:count]).each.with_index(1) do |(x, y, wide, long), number|
          pic.rect(x, y, wide, long, "part", number.to_s)
        end
        pic
      end

      # Where each piece lies: [x, y, wide, long].
      def places
        y = 0.0
        best.flat_map do |way, number|
          Array.new(number) do
            Array.new(way.across) do |index|
              [index * way.wide, y, way.wide, way.long]
            end.tap { y += way.row }
          end.flatten(1)
        end
      end
    end
  end
end
