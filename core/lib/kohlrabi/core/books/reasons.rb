# frozen_string_literal: true

module Core
  module Books
    # Why a flip came out best or worst: what set it apart from the median of its kind, in money, the largest first.
    class Reasons
      ENOUGH = 5
      # One flip. kind; receipts, cost, profit: minor units; seconds: worked. Any may be nil.
      Flip = Struct.new(:kind, :receipts, :cost, :profit, :seconds, keyword_init: true)
      SHOWN = 2

      # flips: all that are compared with; pay: minor units an hour at which time is weighed, nil: time is left out;
      # text: minor units to words; effort: seconds to words.
      def initialize(flips, pay:, text:, effort: Units::Effort.method(:text))
        @flips = flips
        @pay = pay
        @text = text
        @effort = effort
        @medians = {}
      end

      # Array of sentences, at most SHOWN; none where there is too little to compare with.
      def for(flip)
        group, base = base(flip.kind)
        return [] unless base

        found = [money(flip, base, group, :receipts, 1, "brought"), money(flip, base, group, :cost, -1, "cost"),
                 time(flip, base, group)].compact
        wanted = flip.profit.to_i - base[:profit].to_i
        found.select { |effect, _| (effect * wanted).positive? }.max_by(SHOWN) { |effect, _| effect.abs }.map(&:last)
      end

      private

      # Medians of the kind where it has enough flips, else of all.
      def base(kind)
        own = (@kinds ||= @flips.group_by { |flip| flip.kind.to_s.downcase }).fetch(kind.to_s.downcase, [])
        return [kind, medians(kind, own)] if kind && own.size >= ENOUGH

        ["flip", medians(nil, @flips)] if @flips.size >= ENOUGH
      end

      def medians(key, flips)
        @medians[key] ||= { n: flips.size, **%i[receipts cost profit seconds].to_h do |name|
          [name, Statistics::Quantiles.at(flips.filter_map(&name), 1/2r)&.round]
        end }
      end

      def money(flip, base, group, name, sign, verb)
        return unless flip[name] && base[name]

        difference = flip[name] - base[name]
        [difference * sign,
         "#{verb} #{@text.price(difference.abs)} #{difference.positive? ? 'more' : 'less'} than the median #{group} (of #{base[:n]})"]
      end

      def time(flip, base, group)
        return unless @pay && flip.seconds && base[:seconds]

        difference = flip.seconds - base[:seconds]
        [-Rational(difference * @pay, 3600).round,
         "took #{@effort.call(difference.abs)} #{difference.positive? ? 'more' : 'less'} than the median #{group} (of #{base[:n]})"]
      end
    end
  end
end
