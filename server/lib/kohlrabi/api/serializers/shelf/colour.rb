# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # A colour that can be chosen: Core::Shelf::Colour.
      class Colour < Support::Base
        attributes :key, :hex, :own
        attribute(:name, &:to_s)
        attribute(:note) { |colour| colour.note.to_s }
        # Of the workshop's own: by which it is changed.
        attribute(:id) { |colour| colour.own ? colour.key.delete_prefix("c").to_i : nil }
        attribute(:tone) { |colour| Core::Planning::Tone::NAMES.fetch(Core::Planning::Tone.of(colour.hex)) }
      end
    end
  end
end
