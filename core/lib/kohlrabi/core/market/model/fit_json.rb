# frozen_string_literal: true

require "json"

module Core
  module Market
    module Model
      # A fit as text, to be kept and read again.
      module FitJson
        VERSION = 1

        extend self

        def write(fit) = JSON.generate({ "version" => VERSION, **fit.to_h.transform_keys(&:to_s) })

        # nil where it is of another version.
        def read(text)
          found = JSON.parse(text)
          return unless found.delete("version") == VERSION

          Fit.new(**found.transform_keys(&:to_sym))
        end
      end
    end
  end
end
