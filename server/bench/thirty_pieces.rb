# frozen_string_literal: true

# Thirty pieces in work, with about twenty steps each, through the desk as a person goes.
module ThirtyPieces
  FINISHES = [["paint", "#243b53"], ["paint", "#8fa58a"], ["oil", nil], ["clear", nil]].freeze

  PIECE = { "kind" => "bench", "bought_on" => "2026-01-01", "purchase" => "20", "made_about" => "1995",
            "surface_material" => "solid" }.freeze

  module_function

  def fill
    operations = Operations
    30.times do |number|
      piece = operations::Flips::Pieces.create(PIECE.merge("name" => "In work #{number}",
                                                           "expected_resale" => (100 + number).to_s))
      look = operations::Planning::Looks.create(piece.id, "name" => "Plain")
      finish, colour = FINISHES[number % FINISHES.size]
      zones = operations::Planning::Drawing.zones(piece).select(&:shown?).map(&:key)
      operations::Planning::Looks.paint(look.id, { "zones" => zones, "finish" => finish, "colour" => colour }.compact)
    end
  end
end
