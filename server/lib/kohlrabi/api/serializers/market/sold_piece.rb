# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A piece sold lately, with what was paid in parts (Operations::Market::AfterSale::Row).
      class SoldPiece < Support::Base
        attribute(:piece) { |row| Bench::BenchWords.link(row.piece) }
        said :day, :sold_on
        said :sum, :price, :paid, :left
        attribute(:payments) { |row| Payment.present(row.payments, params[:formatter]) }
      end
    end
  end
end
