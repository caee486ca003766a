# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # A piece in hand by what it pays from here on (Operations::Market::FromHere).
      class FromHereRow < Support::Page
        attribute(:piece) { |(piece, _)| Bench::BenchWords.link(piece) }
        attribute(:stage) { |(_, standing)| standing.stage }
        attribute(:advice) { |(_, standing)| standing.advice.to_s }
        attribute(:text) { |(_, standing)| standing.sentence }
        attribute(:gain) { |(_, standing)| @formatter.money(standing.row.gain) }
        attribute(:pay) { |(_, standing)| @formatter.money(standing.pay_from_here) }
      end
    end
  end
end
