# frozen_string_literal: true

module Operations
  module Market
    # The practice market: invented buyers for a listed piece. Nothing is recorded.
    module Practice
      # messages: Array of [Core::Market::Practice::Message, Core::Market::OfferAdvice::Answer or nil].
      Answer = Struct.new(:messages, :asking, :worth, keyword_init: true)
      MAX_DAYS = 120 # days

      extend Support::Refusing

      extend self

      # seed, days: Integers. Raises Refused for a piece without a price.
      def play(piece_id, seed, days)
        piece = Support::Finder.find(Records::Piece, piece_id)
        game, asking, worth = game(piece, seed)
        advise = ListedPieces.adviser(piece) # made once: a hundred offers are weighed on the same grounds
        messages = Records::Base.cache do # every sum in words asks for the workshop's currency
          game.days(days.clamp(1, MAX_DAYS)).map { |message| [message, message.amount && advise.call(message.amount)] }
        end
        Answer.new(asking: asking, worth: worth, messages: messages)
      end

      # Whether the buyer of a day's offer takes a counter. Raises Refused where there is no such offer.
      def takes?(piece_id, seed, day, who, counter)
        game, = game(Support::Finder.find(Records::Piece, piece_id), seed)
        message = game.days(day.clamp(1, MAX_DAYS)).find { |one| one.day == day && one.who == who && one.amount }
        message or refuse(:no_such_offer, field: :counter)
        game.takes?(message, counter)
      end

      private

      # [game, asking, worth]: worth by own sales of its kind, else what is usually got of what is asked.
      def game(piece, seed)
        asking = piece.summary.asking_minor
        refuse(:no_asking_price, field: :piece, piece: piece.name) unless asking&.positive?

        worth = Core::Statistics::Quantiles.at(Prices.own(piece), 1/2r)&.round || (asking * Core::Market::Comparables.ratio(TimeToSell.sale_to_ask_ratios).first).round
        [Core::Market::Practice.new(asking: asking, worth: worth, seed: seed, text: Support::Workshop.current.amounts), asking, worth]
      end
    end
  end
end
