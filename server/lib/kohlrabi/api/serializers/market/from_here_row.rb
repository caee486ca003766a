# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Market
        # A piece in hand by what it pays from here on (Operations::Market::FromHere).
        class FromHereRow < Support::Page
          attribute(:piece) { |(piece, _)| Bench::BenchWords.link(piece) }
          attribute(:stage) { |(piece, _)| piece.summary.stage }
          attribute(:advice) { |(_, row)| row.advice.to_s }
          attribute(:text) { |(_, row)| row.text }
          attribute(:gain) { |(_, row)| @formatter.money(row.gain) }
          attribute(:pay) { |(_, row)| @formatter.money(row.pay) }
        end
      end
    end
  end
end
