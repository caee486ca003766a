# frozen_string_literal: true

module Core
  module Bench
    # Whether a surface may be coated now, by air temperature, relative humidity and the temperature of the surface.
    class Climate
      include Refusing

      COLD = 10 # °C; not at or below (common practice)
      HOT = 32 # °C; not above (common practice)
      DAMP = 85 # % relative humidity; not above (common practice; ISO 8502-4, from memory)
      MARGIN = 3 # °C above the dew point (the usual margin of ISO 8502-4; from memory)
      # Magnus formula over water (Alduchov and Eskridge, Journal of Applied Meteorology 35, 1996; from memory).
      MAGNUS = [17.625, 243.04].freeze

      attr_reader :air, :humidity, :surface

      # air, surface: °C (surface nil: as the air); humidity: percent. Raises Refusal for what cannot be.
      def initialize(air:, humidity:, surface: nil)
        refuse(:humidity_out_of_range, field: :humidity, humidity: text(humidity)) unless humidity.between?(0, 100)
        { air: air, surface: surface }.compact.each do |name, degrees|
          refuse(:temperature_out_of_range, field: name, degrees: text(degrees)) unless degrees.between?(-40, 60)
        end
        @air = air.to_f
        @humidity = humidity.to_f
        @surface = (surface || air).to_f
      end

      # °C at which the air's water settles; nil in perfectly dry air.
      def dew_point
        return if humidity.zero?

        factor, degrees = MAGNUS
        gamma = Math.log(humidity / 100) + ((factor * air) / (degrees + air))
        degrees * gamma / (factor - gamma)
      end

      # Reasons against coating now; none: go ahead. coldest: °C that a product's label allows, nil where it says
      # nothing.
      # unit: the workshop's unit of length.
      def against(coldest: nil, unit: "mm")
        said = ->(degrees) { Units::Measures.temperature(degrees, unit: unit) }
        margin = Units::Measures.warmer(MARGIN, unit: unit)
        [too_cold(said, coldest), too_hot(said),
         ("#{text(humidity)}% humidity is too damp for coating; it has to be at most #{DAMP}%" if humidity > DAMP),
         ("water can settle on the surface: it has to be at least #{margin} above the dew point (#{said.call(dew_point)})" if wet?)].compact
      end

      private

      # The thermometer that speaks against it is named: the air's, or the surface's.
      def too_cold(said, coldest)
        name, degrees = [["the air", air], ["the surface", surface]].min_by(&:last)
        if coldest
          return ("#{name} at #{said.call(degrees)} is too cold: the label says #{said.call(coldest)} or more" if degrees < coldest)
        end

        "#{name} at #{said.call(degrees)} is too cold: it has to be above #{said.call(COLD)}" if degrees <= COLD
      end

      def too_hot(said)
        name, degrees = [["the air", air], ["the surface", surface]].max_by(&:last)
        return unless degrees > HOT

        "#{name} at #{said.call(degrees)} is too hot, so a coat dries before it levels: at most #{said.call(HOT)}"
      end

      def wet? = !dew_point.nil? && surface - dew_point < MARGIN
      def text(number) = Units::Numerals.text(number.to_r, number == number.to_i ? 0 : 1)
    end
  end
end
