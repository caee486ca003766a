# frozen_string_literal: true

module Kohlrabi
  module Core
    module Books
      # Whether listings of one month of the year took longer or shorter than those of all others: medians of Kaplan and Meier a side.
      class Season
        ENOUGH = 5 # listings a side
        MARKED = 5/4r # a ratio from which it is worth saying; its inverse for shorter
        Note = Struct.new(:month, :ratio, :n, :others, :text, keyword_init: true)

        # spells: {month 1..12 => Array of Market::Survival::Spell}.
        def initialize(spells)
          @spells = spells
        end

        # Array of Note, by month; only months that history supports.
        def notes
          @spells.keys.sort.filter_map { |month| note(month) }
        end

        private

        def note(month)
          own = Market::Survival.new(@spells.fetch(month))
          others = Market::Survival.new(@spells.except(month).values.flatten)
          return if own.count < ENOUGH || others.count < ENOUGH || own.median.nil? || others.median.to_i.zero?

          ratio = Rational(own.median, others.median)
          return if ratio < MARKED && ratio > 1 / MARKED

          Note.new(month: month, ratio: ratio, n: own.count, others: others.count, text: text(month, ratio, own, others)).freeze
        end

        def text(month, ratio, own, others)
          "#{Date::MONTHNAMES.fetch(month)} listings took #{Units::Numerals.text(ratio, 1)} times as long as those of other months: " \
            "median #{own.median} against #{others.median} days, n = #{own.count} and #{others.count}."
        end
      end
    end
  end
end
