# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Wax, oil and silicone come off with spirits, silicone twice.
      class TakeOffWax < Rule
        rule "Take off wax and polish",
             on: "wax, oil or silicone on a zone on which something shall stick",
             why: "they smear into everything that follows, and nothing sticks on them"

        def applies? = planned?("vacuum") && ground.sign?(:wax, :oil, :silicone) && (coated? || covered?)

        def plan
          row = products.fetch("spirits")
          twice = ground.sign?(:silicone) ? 2 : 1
          add(:dewax, of: row, repeats: twice, materials: amount(row, coats: twice))
        end
      end
    end
  end
end
