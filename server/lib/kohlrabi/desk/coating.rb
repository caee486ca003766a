# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Whether a coat may go on now, from what a thermometer and a hygrometer show.
    module Coating
      module_function

      # given: {"air", "humidity", "surface"?} as typed, °C and percent. Returns Core::Coating::Climate. Raises Refused.
      def now(given)
        reading = Reading.new(given.slice("air", "humidity", "surface"), House.workshop)
        %i[air humidity surface].each do |field|
          reading.with(field, required: field != :surface) { |raw| Core::Units::Numerals.parse(raw, decimal: :point) }
        end
        values = reading.done!
        Core::Coating::Climate.new(air: values[:air], humidity: values[:humidity], surface: values[:surface])
      end
    end
  end
end
