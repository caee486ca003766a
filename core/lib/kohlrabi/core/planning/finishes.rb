# frozen_string_literal: true

module Core
  module Planning
    # What a zone can be, from data/planning/finishes.yml.
    module Finishes
      ALL = Core.table("planning/finishes")
      BY_KEY = ALL.to_h { |row| [row[:key], row] }.freeze
      OVER = ALL.select { |row| row[:over] }.map { |row| row[:key] }.freeze

      extend self

      # Raises Refusal for an unknown one.
      def fetch(key)
        BY_KEY.fetch(key.to_s) do
          raise Refusal.new(:not_a_finish, field: :finish, given: key)
        end
      end

      def family(key) = fetch(key)[:family]
      def bare?(key) = fetch(key)[:needs] == "bare"
      def label(key) = fetch(key)[:label]
    end
  end
end
