# frozen_string_literal: true

module Operations
  module Market
    # Offers and enquiries for a listed piece, and what was answered.
    module Offers
      ANSWERS = %w[open taken countered declined].freeze

      extend Support::Refusing

      extend self

      # given: {"amount"? (an enquiry without), "who"?, "note"?, "made_on"?}. Returns the offer; the advice of the
      # moment is kept with it.
      def create(piece_id, given)
        Records::Base.transaction do
          piece = ListedPieces.find(piece_id)
          params = Support::Params.new(given, Support::Workshop.current)
          params.money(:amount)
          params.text(:who, max: 60)
          params.text(:note, max: 200)
          params.date(:made_on, what: "Made")
          values = params.done!
          refuse(:offer_of_nothing, field: :amount) if values[:amount_minor]&.zero?
          made = Records::Offer.create!(piece: piece, made_on: Support::Workshop.today, **values.compact)
          made.update!(advice: ListedPieces.weigh(piece, made.amount_minor)&.why&.slice(0, 400)) if made.amount_minor
          Flips::Changes.write(piece, "offer",
                               made.amount_minor ? "Offer of #{ListedPieces.money(made.amount_minor)}#{from(made)}." : "Enquiry#{from(made)}.")
          made
        end
      end

      # given: {"answer", "counter"?}. Returns the offer.
      def answer(id, given)
        Records::Base.transaction do
          offer = Support::Finder.find(Records::Offer, id)
          params = Support::Params.new(given, Support::Workshop.current)
          params.choice(:answer, ANSWERS, required: true)
          params.money(:counter, required: given["answer"] == "countered")
          offer.update!(params.done!)
          Flips::Changes.write(offer.piece, "offer",
                               "Offer#{from(offer)} #{offer.answer}#{" at #{ListedPieces.money(offer.counter_minor)}" if offer.counter_minor}.")
          offer
        end
      end

      def remove(id)
        offer = Support::Finder.find(Records::Offer, id)
        Support::Removal.of([offer], what: offer.amount_minor ? "Offer removed" : "Enquiry removed")
      end

      # Offers for listed pieces that nobody has answered, the oldest first.
      def open
        Records::Offer.live.where(answer: "open",
                                  piece: ListedPieces.listings).where.not(amount_minor: nil).preload(:piece).order(:id).limit(20)
      end

      def open?(offer) = offer.answer == "open" && !offer.amount_minor.nil?
      def from(offer) = offer.who ? " from #{offer.who}" : ""
    end
  end
end
