# frozen_string_literal: true

module Core
  module Market
    # What each piece in hand is worth going on with: what was spent and worked is spent, so only what comes from
    # here on counts. Finishing is set against selling it as it stands; what that brings more, over the hours it
    # takes, is what those hours earn.
    class FromHere
      # One piece. finish: taken home once finished, less what is still to be spent; as_is: taken home as it stands,
      # nil where it is finished; seconds: of work to come. Minor units; each nil where not known.
      Piece = Struct.new(:id, :stage, :finish, :as_is, :seconds, keyword_init: true)
      # advice: :list, :finish, :less (for less than aimed at), :as_is, :drop or :unknown; gain: minor units over
      # selling as it stands; pay: minor units an hour or nil; text: sentence.
      Row = Struct.new(:piece, :advice, :gain, :pay, :text, keyword_init: true)
      ORDER = %i[list finish less as_is drop unknown].freeze

      # floor, target: minor units an hour or nil; text: MoneyWriter; effort: writes seconds.
      def initialize(pieces, text:, floor: nil, target: nil, effort: Units::Effort.method(:about))
        @pieces = pieces
        @floor = floor || 0
        @target = target || @floor
        @text = text
        @effort = effort
      end

      # Array of Row: what only has to be listed, then what pays best from here on.
      def rows
        @pieces.map do |piece|
          row(piece)
        end.sort_by { |row| [ORDER.index(row.advice), -(row.pay || row.gain || 0), row.piece.id] }
      end

      private

      def row(piece)
        if piece.finish.nil?
          return unknown(piece,
                         "No price to go on yet. Say what kind of piece it is, or what you expect to get for it.")
        end
        return listed(piece) if piece.stage == "ready" || piece.seconds&.zero?
        if piece.seconds.nil?
          return unknown(piece,
                         "The work left is unknown. Choose a look to plan it, or enter the hours left.")
        end

        weighed(piece, piece.finish - [piece.as_is.to_i, 0].max)
      end

      def unknown(piece, text) = Row.new(piece: piece, advice: :unknown, text: text).freeze

      def listed(piece)
        Row.new(piece: piece, advice: :list, gain: piece.finish,
                text: "It's done. List it, and expect about #{@text.about(piece.finish)}.").freeze
      end

      def weighed(piece, gain)
        pay = Rational(gain * 3600, piece.seconds)
        Row.new(piece: piece, advice: advice(piece, pay), gain: gain, pay: pay, text: words(piece, gain, pay)).freeze
      end

      def advice(piece, pay)
        return :finish if pay >= @target && pay.positive?
        return :less if pay >= @floor && (pay.positive? || @floor.negative?)

        piece.as_is.to_i.positive? ? :as_is : :drop
      end

      def words(piece, gain, pay)
        hours = @effort.call(piece.seconds)
        earns = gain.positive? ? "about #{@text.rate(pay)} an hour" : "nothing"
        little = gain.positive? ? "only #{earns}" : earns
        case advice(piece, pay)
        when :as_is then "Sell it as it is for about #{@text.about(piece.as_is)}. Finishing takes about #{hours} more and earns #{little}."
        when :drop then "Give it up, or use it for parts. Finishing takes about #{hours} more and earns #{little}."
        when :less then "Finish it, though it pays below your target: about #{hours} more, earning #{earns}. Expect #{@text.about(piece.finish)}."
        else "Finish it: about #{hours} more, earning #{earns}. Expect #{@text.about(piece.finish)}."
        end
      end
    end
  end
end
