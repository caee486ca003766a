# frozen_string_literal: true

module Operations
  module Bench
    # The climate of the workshop: readings that were entered, came from a sensor or are simulated; whether a coat may
    # go on now.
    module Climate
      HOLDS = 12 * 3600 # seconds for which a reading says something of now

      extend self

      # given: {"air", "humidity", "surface"?} as typed, °C and percent. Returns Core::Bench::Climate. Raises Refused.
      def now(given)
        params = Support::Params.new(given.slice("air", "humidity", "surface"), Support::Workshop.current)
        %i[air humidity surface].each do |field|
          params.with(field, required: field != :surface) { |raw| read(field, raw, given["source"]) }
        end
        values = params.done!
        Core::Bench::Climate.new(air: values[:air], humidity: values[:humidity], surface: values[:surface])
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      # Keeps a reading. given: as above with "source"?: entered (where none is named) or sensor.
      def keep(given)
        climate = now(given.transform_values { |value| value&.to_s })
        record(climate, given["source"] == "sensor" ? "sensor" : "entered",
               surface: given["surface"].to_s.strip.empty? ? nil : climate.surface)
      end

      # A reading of the simulated gauge.
      def simulate
        local = Clock.now.in_time_zone(Support::Workshop.current.zone)
        record(Core::Bench::Gauge.read(day: local.yday, hour: local.hour + (local.min / 60.0)), "simulated")
      end

      # Latest reading that still says something of now, or nil.
      def latest
        Records::ClimateReading.where(taken_at: (Clock.now - HOLDS)..).order(taken_at: :desc, id: :desc).first
      end

      # Core::Bench::Climate of the latest reading, or nil.
      def climate = latest&.then { |row| of(row) }

      # Core::Bench::Climate of a reading.
      def of(row) = Core::Bench::Climate.new(air: row.air, humidity: row.humidity, surface: row.surface)

      private

      # A sensor speaks °C, whatever the house does.
      def read(field, raw, source)
        return Core::Units::Numerals.parse(raw.delete_suffix("%").strip) if field == :humidity

        Core::Units::Measures.parse_temperature(raw, unit: source == "sensor" ? "mm" : Support::Workshop.current.length_unit)
      end

      def record(climate, source, surface: nil)
        Records::ClimateReading.create!(air: climate.air, humidity: climate.humidity, surface: surface, source: source,
                                        taken_at: Clock.now)
      end
    end
  end
end
