# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # One piece's share of a cost or of a stretch of work.
      class Share < Base
        attributes :piece_id, :weight
        attribute(:ticket) { |share| share.piece.ticket_text }
        attribute(:name) { |share| share.piece.name }
        attribute(:amount) { |share| params[:say].money(share[:amount_minor]) if share.has_attribute?(:amount_minor) }
        attribute(:effort) { |share| params[:say].effort(share[:seconds]) if share.has_attribute?(:seconds) }
      end
    end
  end
end
