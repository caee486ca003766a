# frozen_string_literal: true

module Operations
  module Scout
    # The most you should pay by kind and condition, from the current figures: one page for where there is no
    # connection.
    module Card
      MAX_KINDS = 28 # kinds on one page

      KINDS = Core::Planning::Shape::Kinds

      extend self

      # Array of [kind, {condition key => Verdicts}], own kinds first in alphabetical order with the usual ones.
      def rows
        histories = Histories.new(kinds)
        kinds.map do |kind|
          [kind, Core::Scout::Conditions.keys.to_h do |condition|
            [condition, Verdicts.new(Records::Prospect.new(kind: kind, condition: condition, count: 1), histories: histories)]
          end]
        end
      end

      private

      def kinds
        own = House::Choices.used(Records::Piece, :kind).map(&:downcase).uniq { |kind| KINDS.key(kind) }
        usual = Core::Scout::Defaults::ROWS.keys - ["other", *own.map { |kind| KINDS.key(kind) }]
        country = Support::Workshop.current.country
        (own + usual.map { |kind| KINDS.said(kind, country) }).first(MAX_KINDS).sort
      end
    end
  end
end
