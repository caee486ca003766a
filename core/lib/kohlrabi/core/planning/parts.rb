# frozen_string_literal: true

module Core
  module Planning
    # The parts of a piece that come off and must find their place again.
    module Parts
      extend self

      # zones: Array of Shape::Zone. Returns [{what:, place:}] in the order from top left: old drawers fit only their
      # own place.
      def of(zones)
        drawers = in_group(zones, "fronts").map do |zone|
          part(zone.label.sub("Drawer front", "Drawer"), drawer_place(zone.key))
        end
        doors = in_group(zones, "doors").map { |zone| zone.label.sub(/, (frame|panel).*/, "") }.uniq
        tubs = doors.map { |door| "Tub: hinges of #{door.downcase}" }
        tubs.unshift("Tub: screws and pulls") if (drawers + doors).any?
        drawers + doors.map { |door| part(door, "from the left") } + in_group(zones, "shelves").map do |zone|
          part(zone.label, "from the top")
        end +
          tubs.map { |tub| part(tub, "labelled with the ticket") }
      end

      private

      def in_group(zones, group) = zones.select { |zone| zone.group == group }

      def drawer_place(key)
        row, column = key.scan(/\d+/).first(2)
        "row #{row} from the top, place #{column} from the left"
      end

      def part(what, place) = { what: what, place: place }
    end
  end
end
