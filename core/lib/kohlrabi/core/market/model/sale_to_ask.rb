# frozen_string_literal: true

module Core
  module Market
    module Model
      # What is got of what is asked: ln g = (5 ln 0.93 + Σ ln(got ÷ asked)) ÷ (5 + n). A price got far off the one
      # asked (a slip, a gift) counts as half or as a tenth above it at most.
      SaleToAsk = Struct.new(:share, :sales, :text, keyword_init: true) do
        # pairs: Array of [got, asked] in minor units.
        def self.of(pairs)
          prior, usual = Priors::GOT
          known = pairs.select { |got, asked| got&.positive? && asked&.positive? }
          logs = known.sum { |got, asked| Math.log((got.to_f / asked).clamp(0.5, 1.1)) }
          share = Math.exp(((prior * Math.log(usual)) + logs) / (prior + known.size))
          new(share: [share, 1.0].min, sales: known.size, text: words([share, 1.0].min, known.size)).freeze
        end

        def self.words(share, sales)
          percent = "#{(share * 100).round}% of the asking price"
          return "#{percent} (built-in guess; no sales of yours yet)" if sales.zero?

          "#{percent}: #{Units::Numerals.counted(sales, 'sale')} of yours, and 93% counted as five more"
        end
      end
    end
  end
end
