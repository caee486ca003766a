# frozen_string_literal: true

module Api
  module Serializers
    module House
      # Somebody who works here.
      class Person < Support::Base
        attributes :id, :name
      end
    end
  end
end
