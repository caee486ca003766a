# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # A part with the number on its back.
      class NumberedPart < Support::Base
        attributes :id, :number, :what, :place
        said :day, :back_on
      end
    end
  end
end
