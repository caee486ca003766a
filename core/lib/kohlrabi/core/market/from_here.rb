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

      # floor, target: minor units an hour or nil; text: writes minor units; effort: writes seconds.
      def initialize(pieces, text:, floor: nil, target: nil, effort: Units::Effort.method(:text))
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
                         "What it brings is not known: give it a kind, or say what you expect.")
        end
        return listed(piece) if piece.stage == "ready" || piece.seconds&.zero?
        if piece.seconds.nil?
          return unknown(piece,
                         "How long it still takes is not known: plan it, or say the hours to come.")
        end

        weighed(piece, piece.finish - [piece.as_is.to_i, 0].max)
      end

      def unknown(piece, text) = Row.new(piece: piece, advice: :unknown, text: text).freeze

      def listed(piece)
        Row.new(piece: piece, advice: :list, gain: piece.finish,
                text: "Done: list it. It brings about #{@text.call(piece.finish)}.").freeze
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
        start = "Finished it brings #{@text.call(piece.finish)} from here on"
        start += ", as it stands #{@text.call(piece.as_is)}" if piece.as_is
        gains = gain.positive? ? "#{@effort.call(piece.seconds)} earn #{@text.call(pay.round)} an hour" : "the work to come earns nothing"
        "#{start}: #{gains}#{ending(piece, pay)}."
      end

      ENDINGS = { finish: "", less: ", less than you aim for", as_is: ": sell it as it is",
                  drop: ": drop it, or use it for parts" }.freeze
      private_constant :ENDINGS

      def ending(piece, pay) = ENDINGS.fetch(advice(piece, pay))
    end
  end
end
