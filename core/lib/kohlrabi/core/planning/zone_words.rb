# frozen_string_literal: true

module Core
  module Planning
    # Names zones shortly: whole groups by the group's name.
    module ZoneWords
      extend self

      # keys: of zones; zones: all of the piece. "Tops, All drawer fronts, Left side"; "whole piece" when nothing seen
      # is missing.
      def list(keys, zones)
        return "whole piece" if zones.any? && (zones.map(&:key) - keys).empty?

        words = zones.group_by(&:group).flat_map do |group, all|
          words_of(group, all, all.select do |zone|
            keys.include?(zone.key)
          end)
        end
        words << "Hardware" if keys.include?("hardware")
        [*words.first(1), *words.drop(1).map { |word| word.sub(/\A[A-Z](?=[a-z])/, &:downcase) }].join(", ")
      end

      private

      def words_of(group, all, inside)
        inside.any? && inside.size == all.size && all.size > 1 ? [Shape::Zone::GROUPS.fetch(group)] : inside.map(&:label)
      end
    end
  end
end
