# frozen_string_literal: true

module Operations
  module Planning
    # Looks to begin with, each planned for a piece, to be seen side by side before one is begun.
    module Starters
      # key, name; plan: Core::Planning::Plan; look: Records::Look that is not saved.
      Row = Struct.new(:key, :name, :look, :plan, keyword_init: true)

      extend self

      # Array of Row.
      def of(piece)
        zones = Drawing.zones(piece)
        Core::Planning::StarterLooks.for(zones).map do |row|
          look = build(piece, row, zones)
          Row.new(key: row[:key], name: row[:label], look: look, plan: Plans.of(piece, look: look))
        end
      end

      # Gives a look the finishes of one of them.
      def lay(key, look)
        rows(key, Drawing.zones(look.piece)) { |row| look.look_zones.create!(row) }
      end

      private

      # A look as it would be, kept nowhere. Read from the piece alone: building it through the piece would add it
      # there.
      def build(piece, row, zones)
        look = Records::Look.new(name: row[:label])
        look.association(:piece).target = piece
        rows(row[:key], zones) { |one| look.look_zones.build(one) }
        look
      end

      def rows(key, zones)
        Core::Planning::StarterLooks.choices(key, zones).each do |zone, choice|
          yield({ zone: zone, finish: choice.finish, colour: choice.colour && Shelf::Colours.parse(choice.colour),
                  over: choice.over.join(",") })
        end
      end
    end
  end
end
