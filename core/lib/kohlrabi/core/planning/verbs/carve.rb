# frozen_string_literal: true

module Core
  module Planning
    module Verbs
      # Sawing, drilling, planing, heat: what breaks a coat with what may be in it.
      class Carve < Verb
        def faults = [lead_fault].compact
      end
    end
  end
end
