# frozen_string_literal: true

module Core
  module Market
    # Which listings say how long one will take: those of its kind where there are enough, else all, else none.
    class TimeToSell
      SPELLS = 8
      SALES = 4

      # basis: :kind, :all or nil; survival: Survival or nil; why: sentence.
      Answer = Struct.new(:basis, :survival, :why, keyword_init: true)

      # spells: {kind => Array of Survival::Spell}.
      def initialize(spells)
        @spells = spells
      end

      def for(kind)
        own = Survival.new(@spells.fetch(kind, []))
        return Answer.new(basis: :kind, survival: own, why: "#{own.count} listings of this kind").freeze if enough?(own)

        all = Survival.new(@spells.values.flatten)
        if enough?(all)
          return Answer.new(basis: :all, survival: all,
                            why: "#{all.count} listings of all kinds, because there are too few of this kind").freeze
        end

        Answer.new(why: "This needs #{SPELLS} listings and #{SALES} sales. You have #{all.count} and #{all.sold}").freeze
      end

      private

      def enough?(survival) = survival.count >= SPELLS && survival.sold >= SALES
    end
  end
end
