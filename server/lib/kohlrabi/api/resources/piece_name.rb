# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # A piece where only its name is needed.
      class PieceName < Base
        attributes :id, :name
        attribute(:ticket, &:ticket_text)
        attribute(:stage) { |piece| piece.summary.stage }
      end
    end
  end
end
