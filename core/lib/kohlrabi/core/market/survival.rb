# frozen_string_literal: true

module Core
  module Market
    # How long listings stay unsold: the estimator of Kaplan and Meier (Journal of the American Statistical
    # Association 53, 1958). What is still listed, kept or withdrawn is censored; sales at a day count before what
    # is censored on it.
    class Survival
      # One listing: days it stood, and whether it sold on the last of them.
      Spell = Struct.new(:days, :sold, keyword_init: true)
      # A day on which something sold: how many stood until then, how many sold, the share unsold after it (Rational).
      Step = Struct.new(:day, :standing, :sold, :share, keyword_init: true)

      attr_reader :spells

      # spells: Array of Spell with days from 0.
      def initialize(spells)
        @spells = spells
      end

      # Array of Step, by day.
      def steps
        @steps ||= begin
          share = 1r
          standing = count
          by_day = spells.group_by(&:days) # thousands of listings stand only some hundred different days
          by_day.sort.filter_map do |day, ended|
            stood = standing
            standing -= ended.size
            sold = ended.count(&:sold)
            next if sold.zero?

            share *= Rational(stood - sold, stood)
            Step.new(day: day, standing: stood, sold: sold, share: share)
          end
        end
      end

      # Share still unsold after so many days, Rational; past the longest spell it stays as it was last.
      def at(days)
        last = steps.reverse.find { |step| step.day <= days }
        last ? last.share : 1r
      end

      # The first day on which at most 1 − part are unsold: 1/2 for the median, 1/4 for the lower quartile; nil
      # where that is not reached.
      def quantile(part) = steps.find { |step| step.share <= 1 - part }&.day
      def median = quantile(1/2r)

      def count = spells.size
      def sold = spells.count(&:sold)
      def longest = spells.map(&:days).max || 0

      # In words: the median with the quartiles, or how far it is known.
      def text
        return "Half of #{count} sold within #{Units::Calendar.about(median)}#{quartiles}." if median

        return "None of this kind has been for sale yet." if count.zero?

        "Fewer than half have sold so far: #{sold} of #{count}, after up to #{Units::Calendar.about(longest)}."
      end

      # Where a listing of so many days stands on the curve, in words.
      def against(days)
        return "longer than any of #{count} similar listings took" if days > longest

        "#{Units::Numerals.text((1 - at(days)) * 100, 0)}% of #{count} similar listings had sold by then"
      end

      private

      def quartiles
        lower, upper = [1/4r, 3/4r].map { |part| quantile(part) }
        known = [("a quarter within #{Units::Calendar.about(lower)}" if lower),
                 ("three quarters within #{Units::Calendar.about(upper)}" if upper)].compact
        known.empty? ? "" : " (#{known.join(', ')})"
      end
    end
  end
end
