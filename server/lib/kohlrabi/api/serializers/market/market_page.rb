# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # What is for sale, and what was sold lately.
      class MarketPage < Support::Page
        shows :times
        attribute(:rows) { @rows.map { |row| MarketRow.new(row, @formatter).to_h } }
        attribute(:headline) { Operations::Market::ListedPieces.headline(@rows) }
        attribute(:likely) { @formatter.money(@rows.filter_map { |row| row.fetch&.at(1) }.sum) }
        attribute(:total) { Operations::Market::ListedPieces.total(@rows) }
        attribute(:asked) { @formatter.money(@rows.sum { |row| row.asking.to_i }) }
        attribute(:profit_per_space_day) { @formatter.money(Operations::Market::TimeToSell.profit_per_space_day) }
        attribute(:seasons) { Operations::Market::TimeToSell.seasons.map(&:text) }
        attribute(:sold) { SoldPiece.present(Operations::Market::AfterSale.rows, @formatter) }

        # rows: Array of Operations::Market::ListedPieces::Row.
        def initialize(rows, formatter)
          super(nil, formatter)
          @rows = rows
        end

        private

        # How long own listings took, by kind where there are enough.
        def times
          spells = Operations::Market::TimeToSell.spells
          known = Core::Market::TimeToSell.new(spells)
          kinds = spells.keys.compact.select { |kind| known.for(kind).basis == :kind }.sort
          rows = kinds.map { |kind| [kind, known.for(kind)] }
          all = Core::Market::Survival.new(spells.values.flatten)
          if all.spells.any?
            rows << ["all kinds",
                     Core::Market::TimeToSell::Answer.new(basis: :all, survival: all,
                                                          why: "#{all.count} listings")]
          end
          rows.map { |kind, answer| { kind: kind, text: answer.survival.text, curve: curve(answer.survival) } }
        end

        # Points of the share unsold, in percent.
        def curve(survival)
          percent = ->(share) { (share * 100).to_f.round(1) }
          sold = survival.steps.map { |step| [step.day, percent.call(step.share)] }
          [[0, 100.0], *sold, [survival.longest, percent.call(survival.at(survival.longest))]]
        end
      end
    end
  end
end
