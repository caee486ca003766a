# frozen_string_literal: true

module Core
  module Shelf
    # A tin's level as it was read now and then, between draws that may be told late. What was taken is a
    # difference, what was read holds as of its moment: whatever order it arrives in, the level comes out the
    # same.
    module Readings
      # at: moment; amount: what was taken, or nil for a reading; reading: what was left then, or nil for a draw.
      Line = Struct.new(:at, :amount, :reading, keyword_init: true)

      extend self

      # What is gone unseen by each line, in their order: for a reading, what must have been lost (negative: found)
      # since; nil for a draw. volume: what the tin held; lines: Array of Line, the earliest first. All in the
      # product's unit.
      def gone(volume, lines)
        left = volume
        lines.map do |line|
          next (left -= line.amount) && nil if line.reading.nil?

          lost = left - line.reading
          left = line.reading
          lost
        end
      end
    end
  end
end
