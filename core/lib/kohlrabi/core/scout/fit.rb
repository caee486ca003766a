# frozen_string_literal: true

module Core
  module Scout
    # Whether a piece goes through an opening or into a load space, which way round, or by how much not. All in mm.
    # A box passes straight when two of its sides fit the opening; a load space is tried in its six orientations.
    class Fit
      # ways: which way round, in words, best first; short: mm lacking where it does not fit.
      Answer = Struct.new(:fits, :way, :short, keyword_init: true)
      SIDES = %i[width depth height].freeze
      UP = { height: "standing", depth: "on its back", width: "on its end" }.freeze

      # width, depth, height of the piece in mm.
      def initialize(width:, depth:, height:)
        @box = { width: width, depth: depth, height: height }
      end

      # An opening wide × high: a door, or a stair by its width and headroom.
      def through(wide, high)
        tries = SIDES.permutation(2).sort_by { |_, upright| SIDES.reverse.index(upright) }.map do |across, upright|
          ahead = (SIDES - [across, upright]).first
          [[@box[across] - wide, @box[upright] - high].max,
           "#{UP.fetch(upright)}, #{ahead == :width ? 'end' : 'face'} first".sub("face first", first_face(ahead))]
        end
        answer(tries)
      end

      # A load space wide × long × high, long being the way in; its mouth is taken to be as wide and high as itself.
      def into(wide, long, high)
        tries = SIDES.permutation(3).sort_by do |_, _, upright|
          SIDES.reverse.index(upright)
        end.map do |across, along, upright|
          [[@box[across] - wide, @box[along] - long, @box[upright] - high].max,
           "#{UP.fetch(upright)}, #{along} along the load space"]
        end
        answer(tries)
      end

      private

      # What goes ahead: the front (its depth is the way it travels) or its top and foot.
      def first_face(ahead) = ahead == :height ? "top first" : "front first"

      # tries: Array of [mm too much, way]. The first that fits, else the nearest miss.
      def answer(tries)
        fitting = tries.find { |over, _| over <= 0 }
        return Answer.new(fits: true, way: fitting.last).freeze if fitting

        over, way = tries.min_by.with_index { |(miss, _), index| [miss, index] }
        Answer.new(fits: false, way: way, short: over).freeze
      end
    end
  end
end
