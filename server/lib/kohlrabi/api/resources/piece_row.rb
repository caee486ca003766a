# frozen_string_literal: true

module Kohlrabi
  module Api
    module Resources
      # One piece in a list (a Desk::ListRow).
      class PieceRow < Base
        attribute(:id) { |row| row.piece.id }
        attribute(:ticket) { |row| row.piece.ticket_text }
        attribute(:name) { |row| row.piece.name }
        attribute(:kind) { |row| row.piece.kind }
        attribute(:source) { |row| row.piece.source }
        attribute(:stage) { |row| row.summary.stage }
        attribute(:bought_on) { |row| params[:say].day(row.piece.bought_on) }
        attribute(:ended_on) { |row| params[:say].day(row.summary.ended_on) }
        attribute(:drawing) { |row| params[:say].drawing(row.piece) }
        attribute(:strip) { |row| params[:say].strip(row.turnaround, ended: Desk::Lists::ENDED.include?(row.summary.stage)) }
        attribute(:cash_in) { |row| params[:say].money(row.summary.cash_in_minor) }
        attribute(:receipts) { |row| params[:say].money(row.summary.receipts_minor) }
        attribute(:cash_profit) { |row| params[:say].money(row.summary.cash_profit_minor) }
        attribute(:hours) { |row| params[:say].effort(row.seconds) }
        attribute(:hourly_pay) { |row| params[:say].money(row.hourly_pay) }
        attribute(:turnaround_days) { |row| row.summary.turnaround_days }
        attribute(:price) { |row| row.price && { label: row.price.first, money: params[:say].money(row.price.last) } }
      end
    end
  end
end
