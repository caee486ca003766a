# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # A photo: where its two sizes are found, and what it shows.
      class Photo < Base
        attributes :id, :kind, :caption, :width, :height, :face, :cost_id
        attribute(:label) { |photo| Desk::Photos::KINDS.fetch(photo.kind) }
        attribute(:large) { |photo| Photo.address(photo, :large) }
        attribute(:small) { |photo| Photo.address(photo) }

        # Address of one size.
        def self.address(photo, size = :small) = "/photos/#{photo.fingerprint}#{'-small' if size == :small}.jpg"
      end
    end
  end
end
