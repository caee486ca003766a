# frozen_string_literal: true

module Records
  # Temperature and humidity of the workshop at one moment: entered, from a sensor, or simulated.
  class ClimateReading < Base
    validates :source, inclusion: { in: %w[entered sensor simulated] }
  end
end
