# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A photo: where its two sizes are found, and what it shows.
      class Photo < Support::Base
        attributes :id, :kind, :caption, :width, :height, :face, :cost_id
        attribute(:label) { |photo| Operations::Flips::Photos::KINDS.fetch(photo.kind) }
        attribute(:large) { |photo| Photo.address(photo, :large) }
        attribute(:small) { |photo| Photo.address(photo) }

        # Address of one size.
        def self.address(photo, size = :small) = "/photos/#{photo.fingerprint}#{'-small' if size == :small}.jpg"
      end
    end
  end
end
