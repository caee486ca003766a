# frozen_string_literal: true

module Core
  module Planning
    # A piece that stands for several alike (four chairs kept as one): each zone once for each of them, so that three of
    # four may be done. Zones of the second of four have keys such as "seat@2"; findings and looks name the zone without
    # it and hold for all.
    module Repeats
      MAX_UNITS = 24

      extend self

      # zones: Array of Shape::Zone; number: how many alike.
      def expand(zones, number)
        return zones if number == 1

        (1..number).flat_map do |index|
          zones.map do |zone|
            zone.with(key: "#{zone.key}@#{index}", label: "#{zone.label}, #{index} of #{number}")
          end
        end
      end

      # Key of a zone without its number.
      def base(key) = key[/\A[^@]+/]

      # How many alike the zones are of.
      def count(zones) = [zones.filter_map { |zone| zone.key[/@(\d+)\z/, 1]&.to_i }.max || 1, 1].max

      # The zones of one of them, by their plain keys and labels.
      def single(zones)
        zones.uniq do |zone|
          base(zone.key)
        end.map { |zone| zone.with(key: base(zone.key), label: zone.label.sub(/, \d+ of \d+\z/, "")) }
      end

      # Keys of zones by number: {1 => [...], 2 => [...]}; empty where there is only one.
      def by_number(keys) = keys.select { |key| key.include?("@") }.group_by { |key| key[/@(\d+)\z/, 1].to_i }
    end
  end
end
