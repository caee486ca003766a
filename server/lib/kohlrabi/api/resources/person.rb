# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # Somebody who works here.
      class Person < Base
        attributes :id, :name
      end
    end
  end
end
