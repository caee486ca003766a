# frozen_string_literal: true

module Kohlrabi
  module Core
    module Tools
      # Fabric for seats: pieces nested across the cloth.
      class Fabric < Tool
        tool "fabric", "Seat fabric", "How large a piece is with thickness and wrap, and how much cloth the seats take.", group: "handling"
        field :count, "Seats alike", :count, 4, within: 1..200
        field :wide, "Width of a seat", :length, 450.0, within: 50..3000
        field :deep, "Depth of a seat", :length, 420.0, within: 50..3000
        field :thick, "Thickness with the padding", :length, 50.0, within: 0..300
        field :wrap, "Wrapped under, each side", :length, 50.0, within: 10..300
        field :cloth, "Width of the cloth", :length, 1400.0, within: 100..4000
        field :repeat, "Pattern repeats every", :length, 0.0, within: 0..1500
        field :turn, "May be turned", :choice, "no", choices: { "no" => "no, it has a direction", "yes" => "yes, plain" }

        private

        def headline = "#{say.run((long * rows / 1000).round(2))} of cloth #{length(self[:cloth])} wide."

        def lines
          [["A piece", "#{length(piece[0])} by #{length(piece[1])}", "seat + 2 × (thickness + wrap)"],
           ["Side by side", across.to_s, "cloth ÷ piece"],
           ["Rows", rows.to_s, "seats ÷ side by side, rounded up"],
           ["A row takes", length(long), self[:repeat].positive? ? "up to the next repeat" : "the piece's length"]]
        end

        def cautions = %w[seat]

        def cuts
          [Answer::Cut.new(mark: "A", name: "seat cover", number: self[:count], long: piece[1], wide: piece[0],
                           from: "cloth #{length(self[:cloth])} wide")]
        end

        def steps
          [Answer::Step.new(label: "Cover #{say.count(self[:count], 'seat')}", work: "upholstery", minutes: self[:count] * 30)]
        end

        def assumes
          ["Top of the seat towards the selvedge's start; cut notches at the middle of each side.",
           "New foam where the old crumbles; keep labels on filling as the law asks."]
        end

        def across = best[0]
        def rows = best[1]
        def long = best[2]
        def piece = [self[:wide], self[:deep]].map { |mm| mm + (2 * (self[:thick] + self[:wrap])) }

        # Ways of laying: [across, rows, length of a row, width of a piece].
        def ways
          lies = self[:turn] == "yes" ? [piece, piece.reverse] : [piece]
          lies.filter_map do |wide, long|
            across = (self[:cloth] / wide).floor
            next if across.zero?

            row = self[:repeat].positive? ? (long / self[:repeat]).ceil * self[:repeat] : long
            [across, (self[:count].to_f / across).ceil, row, wide, long]
          end
        end

        def best
          @best ||= ways.min_by { |_, rows, long| rows * long } ||
                    refuse(:wider_than_the_cloth, field: :cloth, wide: length(piece.first), remedy: narrower)
        end

        def narrower
          turned = self[:turn] == "no" && piece.last <= self[:cloth] ? "Turned it would fit: allow that if the cloth is plain. " : ""
          "#{turned}Cloth of #{length(piece.first)} and more, or a seam."
        end

        def picture
          row, wide, piece_long = best.drop(2)
          pic = Picture.new(self[:cloth], row * rows, "Cloth with #{say.count(self[:count], 'piece')}")
          pic.rect(0, 0, self[:cloth], row * rows, "offcut")
          self[:count].times { |place| pic.rect((place % across) * wide, (place / across) * row, wide, piece_long, "part", (place + 1).to_s) }
          pic
        end
      end
    end
  end
end
