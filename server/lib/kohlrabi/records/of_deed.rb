# frozen_string_literal: true

module Records
  # What was done in a plan or said of it, kept by verb and parameters, as JSON, so that it outlives the rules that
  # named its step. It holds for all faces of the step; a mark has its own (zone).
  module OfDeed
    extend ActiveSupport::Concern

    # Core::Planning::Deed as JSON text.
    class Type < ActiveRecord::Type::Text
      def cast(value) = value.is_a?(String) ? deserialize(value) : value
      def deserialize(text) = text && Core::Planning::Deed.from(JSON.parse(text))
      def serialize(deed) = deed && JSON.generate(deed.to_h)
    end

    included { attribute :deed, Type.new }

    # Key of the step that does it.
    def step = deed&.key

    def step=(key)
      self.deed = key && Core::Planning::Deed.read(key)
    end
  end
end
