# frozen_string_literal: true

module Api
  module Serializers
    module Planning
      # A look to begin with, as the piece would look and what it would come to (Operations::Planning::Starters::Row).
      class StarterLook < Support::Page
        shows :zones, :figures
        attributes :key, :name
        attribute(:conflicts) { |row| Core::Planning::Conflicts.of(row.plan.brief).reject(&:settled).map(&:text).uniq }

        # piece: Records::Piece.
        def initialize(piece, row, formatter)
          super(row, formatter)
          @piece = piece
        end

        private

        def zones
          colours = Operations::Shelf::Colours.core
          object.look.look_zones.map do |row|
            { zone: row.zone, finish: row.finish, colour: colours.hex(row.colour), pattern: row.over.presence }
          end
        end

        def figures
          outcome = Operations::Market::Outcomes.of(@piece, object.look, object.plan)
          [outcome.hours, outcome.materials, outcome.take_home, outcome.pay].map { |figure| @formatter.figure(figure) }
        end
      end
    end
  end
end
