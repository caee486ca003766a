# frozen_string_literal: true

module Core
  module Planning
    module Rules
      # Washing with a cleaner and rinsing it off; before sanding, after it, or both, as the workshop does.
      class Washing < Rule
        private

        def wash(ending = "", **phase)
          row = products.fetch("degreaser")
          add(:wash, of: row, key: "wash#{ending}", materials: amount(row), **phase)
          add(:wash_rinse, key: "wash-rinse#{ending}", seq: 1, **phase)
        end
      end

      # Loose dirt goes first, by vacuum and brush.
      class Vacuum < Rule
        rule "Vacuum",
             on: "every zone that is worked on or cleaned",
             why: "loose dirt turns to mud under a wet cloth"

        # The inside is left alone where the look says so.
        def applies? = !fresh? && (zone.group != "inside" || brief.look.inside != "leave" || !left?)
        def plan = add(:vacuum, cautions: ground.sign?(:odour) ? %w[dust] : [])
      end

      # Washed before anything else is done to it, unless this workshop washes after sanding.
      class WashFirst < Washing
        rule "Wash and rinse",
             on: "every zone; what is filthy first of all, whatever the house does else",
             why: "sanding presses dirt in and clogs the paper; soap left behind stops paint sticking"

        def applies? = planned?("vacuum") && (before? || left?)
        def plan = before? ? wash : wash("-after", phase: "wash_after")

        private

        def before? = practices[:washing] != "after" || filthy? || covered?
      end

      # Where the house washes after sanding; what is not sanded is washed all the same, before anything lies on it.
      class WashAfterSanding < Washing
        rule "Wash after sanding",
             on: "the workshop washes after sanding, or both times",
             why: "a clean surface that was never sanded is still dirty"

        def applies? = !left? && !fresh? && (after? || !planned?("wash"))
        def plan = after? ? wash("-after", phase: "wash_after") : wash

        private

        def after? = %w[after both].include?(practices[:washing]) && sanded?
      end

      # Wax, oil and silicone come off with spirits, silicone twice.
      class TakeOffWax < Rule
        rule "Take off wax and polish",
             on: "wax, oil or silicone on a zone on which something has to stick",
             why: "they smear into everything that follows, and nothing sticks on them"

        def applies? = planned?("vacuum") && ground.sign?(:wax, :oil, :silicone) && (coated? || covered?)

        def plan
          row = products.fetch("spirits")
          twice = ground.sign?(:silicone) ? 2 : 1
          add(:dewax, of: row, repeats: twice, materials: amount(row, coats: twice))
        end
      end

      # Dust of sanding and filling comes off before anything lies on it.
      class DustOff < Rule
        rule "Dust off",
             on: "a zone was sanded, filled, or sealed in",
             why: "dust under a coat stays in it"

        def applies?
          return sealed_inside? && (treated?("sand", "level") || filled? || sanded_inside?) if left?

          sanded? || surface.sealed_in? || filled? || treated?("sand", "level")
        end

        def plan = add(:dust, key: "dust#{recoat_suffix}")
      end
    end
  end
end
