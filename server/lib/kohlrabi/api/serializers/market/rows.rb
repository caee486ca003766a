# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # What to answer to an offer, and why (Core::Market::OfferAdvice::Answer).
      class Advice < Support::Base
        attributes :why, :warnings
        said :sum, :at, :counter
        attribute(:verdict) { |advice| advice.verdict.to_s }
      end

      # A piece like it that was seen for sale, or known to be sold.
      class Comparable < Support::Base
        attributes :id, :what, :sold, :likeness
        said :money, :price
        said :day, :seen_on
        attribute(:likeness_label) { |row| Core::Market::Comparables::LIKENESS.fetch(row.likeness) }
        %i[condition place note].each { |name| attribute(name) { |row| row[name].to_s } }
        attribute(:photos) { |row| Flips::Photo.present(row.photos, params[:formatter]) }
      end

      # A piece in hand by what it pays from here on (Operations::Market::FromHere).
      class FromHereRow < Support::Page
        attribute(:piece) { |(piece, _)| Bench::BenchWords.link(piece) }
        attribute(:stage) { |(_, standing)| standing.stage }
        attribute(:advice) { |(_, standing)| standing.advice.to_s }
        attribute(:text) { |(_, standing)| standing.sentence }
        attribute(:gain) { |(_, standing)| @formatter.about(standing.row.gain) }
        attribute(:pay) { |(_, standing)| @formatter.rate(standing.pay_from_here) }
      end

      # Who has a piece held, and until when.
      class Hold < Support::Base
        attributes :id, :who, :pick_up
        said :price, :price, :deposit
        said :day, :until_on, :pick_up_on
      end

      # An offer, with what to answer where that is still open.
      class Offer < Support::Base
        attributes :id, :who, :note, :answer
        said :price, :amount, :counter
        said :day, :made_on
        attribute(:then, &:advice)
        # advice: {offer id => Core::Market::OfferAdvice::Answer}, by params.
        attribute(:advice) do |offer|
          params.dig(:advice, offer.id)&.then do |advice|
            Advice.present(advice, params[:formatter])
          end
        end
      end

      # A part of the price that was paid.
      class Payment < Support::Base
        attributes :id, :note
        said :money, :amount
        said :day, :on, from: :paid_on
      end

      # A price that was decided on, with its reason.
      class PriceDecision < Support::Base
        attributes :id, :why
        said :price, :asking
        said :day, :on, from: :decided_on
      end

      # A planned step of an asking price.
      class PriceStep < Support::Base
        attributes :id, :state
        said :price, :asking
        said :day, :due_on
        attribute(:due) { |step| step.due_on <= Operations::Support::Workshop.today }
      end

      # A piece sold lately, with what was paid in parts (Operations::Market::AfterSale::Row).
      class SoldPiece < Support::Base
        attribute(:piece) { |row| Bench::BenchWords.link(row.piece) }
        said :day, :sold_on
        said :sum, :price, :paid, :left
        attribute(:payments) { |row| Payment.present(row.payments, params[:formatter]) }
      end

      # Where a piece in hand stands, the same on every page; null once it has ended.
      module Standing
        extend self

        # standing: Core::Market::Standing or nil.
        def present(standing, formatter)
          return unless standing

          low, middle, high = standing.likely
          { work_left: formatter.estimate(standing.work_left), spent: formatter.money(standing.spent),
            still_to_spend: formatter.about(standing.known_still_to_spend),
            likely: middle && { low: formatter.about(low), middle: formatter.about(middle), high: formatter.about(high) },
            profit: formatter.about(standing.profit), pay_when_finished: formatter.rate(standing.pay_when_finished),
            pay_from_here: formatter.rate(standing.pay_from_here), pay_as_is: formatter.rate(standing.pay_as_is),
            advice: standing.advice.to_s, sentence: standing.sentence, stop: standing.stop?, go_on: standing.go_on == true }
        end
      end
    end
  end
end
