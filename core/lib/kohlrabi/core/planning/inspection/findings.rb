# frozen_string_literal: true

module Kohlrabi
  module Core
    module Planning
      module Inspection
        # What may be found, from data/planning/findings.yml, in the order of the walk round a piece.
        module Findings
          WALK = { "structure" => "Structure", "moving" => "Moving parts", "surface" => "Surface", "smell" => "Smell and dirt", "inside" => "Inside",
                   "hardware" => "Hardware and holes", "missing" => "Missing parts", "label" => "Label" }.freeze
          ALL = Core.table("planning/findings")
          BY_KEY = ALL.to_h { |row| [row[:key], row] }.freeze
          TREATMENTS = Core.table("planning/treatments").to_h { |row| [row[:key], row] }.freeze
          MAX_AMOUNT = 100_000

          module_function

          # The row of a finding. Raises Refusal for an unknown one.
          def fetch(key)
            BY_KEY.fetch(key.to_s) do
              raise Refusal.new(:not_a_finding, field: :kind, given: key)
            end
          end

          # Rows of one stop of the walk.
          def at(stop) = ALL.select { |row| row[:walk] == stop }
        end
      end
    end
  end
end
