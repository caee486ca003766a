# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Water on open wood raises its grain: what was bleached or treated wet after the sanding is sanded lightly once
      # dry.
      class RaisedGrain < Rule
        rule "Sand raised grain",
             on: "open wood was treated wet after its sanding, and shall show",
             why: "water raises the grain, and a clear coat would keep it"

        def applies? = finished? && Finishes.bare?(choice.finish) && !bleaches? && treated?("bleach")
        def plan = add(:bleach_sand, key: "bleach-sand#{recoat_suffix}", seq: 5, grits: [220])
      end
    end
  end
end
