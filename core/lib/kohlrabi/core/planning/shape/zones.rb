# frozen_string_literal: true

module Core
  module Planning
    module Shape
      # The zones of a piece after what people changed: their own areas, materials and grades, zones split or merged.
      module Zones
        # A change to one zone. pieces: split into so many; into: merged into that zone; area: mm² of one face.
        Change = Struct.new(:zone, :label, :area, :grade, :material, :relief, :relief_depth, :relief_pitch, :pieces,
                            :into, keyword_init: true)
        MAX_PIECES = 12

        extend self

        # shape: PieceShape; changes: Array of Change; surface: material where a zone has none of its own.
        # Returns Array of Zone. A change to a zone that the shape no longer has is passed over.
        def of(shape, changes: [], surface: nil)
          by_zone = changes.to_h { |change| [change.zone, change] }
          made = Elevation.new(shape).zones.flat_map { |zone| change(zone, by_zone[zone.key]) }
          merge(made, changes).map { |zone| zone.material ? zone : zone.with(material: surface) }
        end

        # Raises Refusal unless the zone is there. keys: Array of String.
        def check!(key, keys, field: :zone)
          return key if keys.include?(key)

          raise Refusal.new(:no_such_zone, field: field, given: key, keys: keys.first(6).join(", "))
        end

        private

        def change(zone, change)
          return [zone] unless change

          pieces = change.pieces || 1
          factor = Area.relief(change.relief, depth: change.relief_depth, pitch: change.relief_pitch)
          area = (change.area || zone.area) * factor / pieces
          own = { label: change.label, grade: change.grade, material: change.material }.compact
          grade = zone.grade == "flat" && factor > 1 ? "detailed" : zone.grade
          changed = zone.with(grade: grade, **own, area: area)
          return [changed] if pieces == 1

          Array.new(pieces) do |index|
            changed.with(key: "#{zone.key}/#{index + 1}", label: "#{changed.label}, part #{index + 1}",
                         width: zone.width / pieces)
          end
        end

        def merge(zones, changes)
          into = mergers(zones.map(&:key), changes)
          zones.reject { |zone| into.key?(zone.key) }.map do |zone|
            taken = zones.select { |other| into[other.key] == zone.key }
            taken.empty? ? zone : joined(zone, taken)
          end
        end

        # {key of a zone => key of the one it goes into}: both are there, and the one stays itself.
        def mergers(keys, changes)
          all = changes.select(&:into).to_h { |change| [change.zone, change.into] }.slice(*keys)
          all.select { |from, into| keys.include?(into) && from != into && !all.key?(into) }
        end

        # One zone in place of several: the areas add up over all faces.
        def joined(zone, taken)
          zone.with(area: zone.area + taken.sum { |other| other.area * other.faces / zone.faces },
                    label: "#{zone.label} with #{taken.map { |other| other.label.downcase }.join(', ')}")
        end
      end
    end
  end
end
