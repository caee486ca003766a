# frozen_string_literal: true

module Api
  module Serializers
    module Market
      # Who has a piece held, and until when.
      class Hold < Support::Base
        attributes :id, :who, :pick_up
        said :money, :price, :deposit
        said :day, :until_on, :pick_up_on
      end
    end
  end
end
