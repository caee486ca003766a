# frozen_string_literal: true

module Core
  module Tools
    # Rectangles laid on a roll one by one, each where it ends soonest along it (skyline, lowest and leftmost; Jylänki
    # 2010, from memory), in several orders. What is cut comes out in one piece, but not by straight cuts through the
    # whole: liner is cut with a knife.
    class Nesting
      ORDERS = [->(long, across) { [-long * across, -long] }, lambda { |long, across|
        [-[long, across].max, -long * across]
      },
                ->(long, across) { [-across, -long] }, ->(long, across) { [-long, -across] }].freeze

      # pieces: [[ways, mark]], ways: [[along the roll, across it]]; roll: its width.
      def initialize(pieces, roll)
        @pieces = pieces
        @roll = roll
      end

      # One layout an order: [[x along, y across, along, across, mark]].
      def all = ORDERS.map { |order| lay(@pieces.sort_by { |ways, mark| [*order.call(*ways.first), mark] }) }

      private

      def lay(pieces)
        skyline = [[0.0, 0.0, @roll]] # [x up to which it is taken, y, width]
        pieces.map do |ways, mark|
          along, across, x, y = ways.filter_map do |one|
            place(skyline, *one)
          end.min_by { |length, _, at, left| [at + length, left] }
          skyline = raised(skyline, x + along, y, across)
          [x, y, along, across, mark]
        end
      end

      # Where a piece ends soonest: [along, across, x, y], or nil.
      def place(skyline, along, across)
        spots = skyline.map { |_, y, _| y }.select { |y| y + across <= @roll + 1e-6 }
        spots.map do |y|
          [along, across, skyline.select do |_, from, wide|
            from < y + across - 1e-6 && from + wide > y + 1e-6
          end.map(&:first).max, y]
        end
             .min_by { |_, _, x, left| [x, left] }
      end

      def raised(skyline, x, y, across)
        kept = skyline.flat_map do |level, from, wide|
          [([level, from, [y - from, wide].min] if from < y - 1e-6),
           (if from + wide > y + across + 1e-6
              [level, [from, y + across].max,
               from + wide - [from, y + across].max]
            end)].compact
        end
        (kept + [[x, y, across]]).sort_by { |_, from, _| from }
      end
    end
  end
end
