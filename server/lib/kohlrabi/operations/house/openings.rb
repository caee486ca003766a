# frozen_string_literal: true

module Operations
  module House
    # What pieces must pass: load spaces, doors, stairs.
    module Openings
      extend self

      def all = Records::Opening.live.order(:kind, :name)

      def create(given)
        opening = Records::Opening.new(read(given, new: true))
        save(opening)
      end

      def update(id, given)
        opening = Support::Finder.find(Records::Opening, id)
        opening.assign_attributes(read(given))
        save(opening)
      end

      def remove(id)
        opening = Support::Finder.find(Records::Opening, id)
        Support::Removal.of([opening], what: "#{opening.name} removed")
      end

      # A piece or spotted piece (anything with width_mm, depth_mm, height_mm) against all of them.
      # Returns [Core::Scout::Carrying, rows].
      def carrying(thing, drawers: false, openings: all)
        carrying = Core::Scout::Carrying.new(width: thing.width_mm, depth: thing.depth_mm, height: thing.height_mm, leg: thing.leg_mm,
                                             drawers: drawers)
        known = openings.map do |row|
          Core::Scout::Carrying::Opening.new(name: row.name, kind: row.kind, width: row.width_mm,
                                             height: row.height_mm, long: row.long_mm)
        end
        [carrying, carrying.rows(known)]
      end

      private

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:name, max: 60, required: new || params.sent?(:name))
        params.choice(:kind, Core::Scout::Carrying::KINDS.keys, required: new || params.sent?(:kind))
        %i[width height long].each { |field| params.length(field) }
        params.done!
      end

      def save(opening)
        opening.long_mm = nil unless opening.kind == "load"
        needed = %i[width height] + (opening.kind == "load" ? [:long] : [])
        missing = needed.select { |field| opening["#{field}_mm"].nil? }
        if missing.any?
          raise(Support::Refused, missing.map do |field|
            Core::Refusal.new(:opening_not_measured, field: field)
          end)
        end

        opening.save!
        opening
      end
    end
  end
end
