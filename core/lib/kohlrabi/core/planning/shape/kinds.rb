# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Shape
        # Kinds of furniture that the drawing knows, from data/planning/kinds.yml. Other names are welcome and drawn as a plain case.
        module Kinds
          ALL = Core.table("planning/kinds")
          BY_NAME = ALL.to_h { |row| [row[:kind], row] }.freeze

          module_function

          def names = BY_NAME.keys

          # The template for a kind by name, any case; the one for "other" where the name is not known.
          def template(name)
            BY_NAME[name.to_s.strip.downcase] || BY_NAME.fetch("other")
          end
        end
      end
    end
  end
end
