# frozen_string_literal: true

module Api
  module Serializers
    module Support
      # Base of what is put together from more than one record: an Alba resource whose attributes are methods of its
      # own.
      #
      #   class DayPage < Support::Page
      #     shows :day, :steps                  # by methods of these names
      #     attribute(:wet) { |day| day.wet? }  # or from what it is of
      #   end
      #   DayPage.new(day, say).to_h
      class Page < Base
        # names: of attributes, as they are sent.
        def self.shows(*names) = names.each { |name| attribute(name) { __send__(name) } }

        # The plain Hash of one object.
        def self.present(object, formatter) = new(object, formatter).to_h

        # object: what it is of; formatter: Formatter.
        def initialize(object, formatter)
          super(object, params: { formatter: formatter })
          @formatter = formatter
        end
      end
    end
  end
end
