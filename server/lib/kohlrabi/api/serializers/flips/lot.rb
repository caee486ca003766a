# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # A lot with its members' parts, which add up to it.
      class Lot < Support::Base
        attributes :id, :name, :source, :share_rule, :lock_version
        said :day, :bought_on
        attribute(:fields) { |lot| fields(lot) }
        attribute(:total) { |lot| whole(lot, :total) }
        attribute(:price) { |lot| whole(lot, :price) }
        attribute(:premium) { |lot| whole(lot, :premium) }
        attribute(:tax) { |lot| whole(lot, :tax) }
        attribute(:rule_text) { |lot| Core::Flips::Lot::RULES.fetch(lot.share_rule) }
        attribute(:members) { |lot| lot.members.map { |member| member(member) } }
        attribute(:stash) { |lot| Shelf::StashItem.present(lot.stash_items, params[:formatter]) }

        def whole(lot, part) = params[:formatter].money(Operations::Flips::Lots.whole(lot).public_send(part))

        def fields(lot)
          formatter = params[:formatter]
          added = lambda do |name|
            rate = lot["#{name}_hundredths"]
            rate ? "#{Operations::Support::Percent.text(rate)}%" : formatter.typed_money(lot["#{name}_minor"])
          end
          { name: lot.name, source: lot.source.to_s, bought_on: lot.bought_on&.iso8601.to_s, price: formatter.typed_money(lot.price_minor),
            premium: added.call("premium"), tax: added.call("tax"), share_rule: lot.share_rule, notes: lot.notes.to_s }
        end

        def member(member)
          formatter = params[:formatter]
          piece = member.piece
          { piece_id: piece.id, ticket: piece.ticket_text, name: piece.name, stage: piece.summary.stage, found: member.found,
            expected_resale: formatter.typed_money(member.resale_minor), share: formatter.typed_money(member.hand_minor),
            price: formatter.money(member.price_minor), total: formatter.money(piece.purchase_minor) }
        end
      end
    end
  end
end
