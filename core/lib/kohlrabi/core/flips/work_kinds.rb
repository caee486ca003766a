# frozen_string_literal: true

module Core
  module Flips
    # The kinds of work that hours are kept by, from data/flips/work_kinds.yml.
    module WorkKinds
      ALL = Core.table("flips/work_kinds")
      BY_KEY = ALL.to_h { |row| [row[:key], row] }.freeze

      extend self

      def keys = BY_KEY.keys

      # Raises Refusal for an unknown kind.
      def label(key) = fetch(key)[:label]

      # "bench", "around" (fetching, selling and so on) or "apart" (filming).
      def count(key) = fetch(key)[:count]

      def bench?(key) = count(key) == "bench"

      def fetch(key)
        BY_KEY.fetch(key.to_s) do
          raise Refusal.new(:not_a_kind_of_work, field: :kind, given: key)
        end
      end
    end
  end
end
