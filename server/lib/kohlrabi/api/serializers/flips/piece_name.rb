# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A piece where only its name is needed.
      class PieceName < Support::Base
        attributes :id, :name
        attribute(:ticket, &:ticket_text)
        attribute(:mates) { |piece| Operations::House::Choices.mates(piece).map { |mate| { id: mate.id, name: mate.name } } }
        attribute(:stage) { |piece| piece.summary.stage }
      end
    end
  end
end
