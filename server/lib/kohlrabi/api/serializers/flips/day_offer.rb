# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A piece that may have been worked on today, with the kind of work done on it last.
      class DayOffer < Support::Base
        attribute(:piece) { |offer| { id: offer.piece.id, name: offer.piece.name } }
        attribute(:kind, &:kind)
      end
    end
  end
end
