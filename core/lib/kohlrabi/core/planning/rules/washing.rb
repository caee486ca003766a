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
    end
  end
end
