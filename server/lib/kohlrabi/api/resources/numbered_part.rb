# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # A part with the number on its back.
      class NumberedPart < Base
        attributes :id, :number, :what, :place
        said :day, :back_on
      end
    end
  end
end
