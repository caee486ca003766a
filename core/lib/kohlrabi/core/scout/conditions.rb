# frozen_string_literal: true

module Core
  module Scout
    # Three plain grades of condition, each with what it assumes, from data/scout/conditions.yml.
    module Conditions
      ALL = Core.table("scout/conditions")
      USUAL = "worn"

      extend self

      def keys = ALL.map { |row| row[:key] }

      # {key:, label:, looks:, assumes:, hours:, materials:} of a grade; the usual one for nil. Raises Refusal.
      def fetch(key)
        ALL.find { |row| row[:key] == (key || USUAL) } or
          raise Refusal.new(:not_a_condition, field: :condition, given: key, keys: keys.join(", "))
      end
    end
  end
end
