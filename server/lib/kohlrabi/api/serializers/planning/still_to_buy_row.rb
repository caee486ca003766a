# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # What the pieces that a cost is recorded for still have to buy, to be linked in the same form.
      module StillToBuyRow
        module_function

        # asked: {"pieces": "1,2", "what"?, "category"?}; without a category it is guessed from the words.
        def all(asked, formatter)
          category = asked["category"].presence || Core::Flips::CostCategories.guess(asked["what"])
          ids = asked["pieces"].to_s.split(",").map(&:to_i)
          Operations::Planning::StillToBuy.offers(ids, asked["what"], category).map do |piece, items|
            { piece: { id: piece.id, name: piece.name }, items: items(items, formatter) }
          end
        end

        # items: Array of [StillToBuy::Item, likely].
        def items(items, formatter)
          items.map do |one, likely|
            { item: one.item, label: one.label, expected: formatter.money(one.minor), likely: likely }
          end
        end
      end
    end
  end
end
