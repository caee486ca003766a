# frozen_string_literal: true

module Kohlrabi
  module Operations
    module House
      # What pieces must pass: load spaces, doors, stairs.
      module Passages
        module_function

        def all = Records::Household.all(:passages)

        def create(given)
          passage = Records::Passage.new(read(given, new: true))
          save(passage)
        end

        def update(id, given)
          passage = Support::Finder.find(Records::Passage, id)
          passage.assign_attributes(read(given))
          save(passage)
        end

        def remove(id)
          passage = Support::Finder.find(Records::Passage, id)
          Support::Removal.of([passage], what: "#{passage.name} removed")
        end

        # A piece or spotted piece (anything with width_mm, depth_mm, height_mm) against all of them.
        # Returns [Core::Scout::Carrying, rows].
        def carrying(thing, drawers: false, passages: all)
          carrying = Core::Scout::Carrying.new(width: thing.width_mm, depth: thing.depth_mm, height: thing.height_mm, leg: thing.leg_mm,
                                               drawers: drawers)
          known = passages.map do |row|
            Core::Scout::Carrying::Passage.new(name: row.name, kind: row.kind, width: row.width_mm, height: row.height_mm, long: row.long_mm)
          end
          [carrying, carrying.rows(known)]
        end

        def read(given, new: false)
          reading = Support::Reading.new(given, WorkshopSettings.workshop)
          reading.text(:name, max: 60, required: new || reading.sent?(:name))
          reading.choice(:kind, Core::Scout::Carrying::KINDS.keys, required: new || reading.sent?(:kind))
          %i[width height long].each { |field| reading.length(field) }
          reading.done!
        end
        private_class_method :read

        def save(passage)
          passage.long_mm = nil unless passage.kind == "load"
          needed = %i[width height] + (passage.kind == "load" ? [:long] : [])
          missing = needed.select { |field| passage["#{field}_mm"].nil? }
          if missing.any?
            raise(Support::Refused, missing.map do |field|
              Core::Refusal.new(:passage_not_measured, field: field)
            end)
          end

          passage.save!
          passage
        end
        private_class_method :save
      end
    end
  end
end
