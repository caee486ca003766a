# frozen_string_literal: true

module Core
  module Planning
    # Looks to begin with, from data/planning/starter_looks.yml.
    module StarterLooks
      ALL = Core.table("planning/starter_looks")
      GROUPS = %i[top fronts doors].freeze

      extend self

      # Those that make a difference on a piece: one that finishes its fronts otherwise is none without fronts.
      # zones: Array of Shape::Zone. Returns Array of {key:, label:}.
      def for(zones)
        groups = zones.select(&:shown?).map { |zone| zone.group.to_sym }
        ALL.select { |row| own(row).empty? || own(row).intersect?(groups) }.map { |row| row.slice(:key, :label) }
      end

      # {zone key => Choice} of what is shown. Raises Refusal for an unknown key.
      def choices(key, zones)
        row = ALL.find do |one|
          one[:key] == key.to_s
        end or raise Refusal.new(:not_a_starter_look, field: :starter, given: key)
        zones.select(&:shown?).to_h do |zone|
          chosen = row[zone.group.to_sym] || row[:rest]
          [zone.key, Choice.new(finish: chosen[:finish], colour: chosen[:colour], over: chosen[:over] || [])]
        end
      end

      private

      # Groups that it finishes in their own way.
      def own(row) = row.keys & GROUPS
    end
  end
end
