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

      # A set with its pieces, what happened to it, and its one scale of prices.
      class PieceSet < Support::Base
        attributes :id, :name
        attribute(:state) { |set| set.happenings.last&.kind || "together" }
        attribute(:basis) { |set| Core::Flips::SetShares::BASES.fetch(Operations::Flips::Sets.weights(set).first) }
        attribute(:members) { |set| set.members.map { |member| member(member) } }
        attribute(:events) { |set| set.happenings.map { |event| event(event) } }
        attribute(:open_steps) { |set| set.members.sum { |member| Operations::Planning::Settling.open_steps(member.piece).size } }
        attribute(:possible) { |set| possible(set) }
        attribute(:tape) { |set| params[:formatter].tape(Operations::Market::SetPrices.tape(set)) }
        attribute(:figures) { |set| Operations::Market::SetPrices.figures(set).map { |figure| params[:formatter].figure(figure) } }

        def member(member)
          formatter = params[:formatter]
          summary = member.piece.summary
          { piece_id: member.piece_id, ticket: member.piece.ticket_text, name: member.piece.name, stage: summary.stage,
            cash_in: formatter.money(summary.cash_in_minor),
            asking_before: formatter.money(member.asking_minor), asking: formatter.money(summary.asking_minor),
            receipts: formatter.money(summary.receipts_minor),
            cash_profit: formatter.money(summary.cash_profit_minor) }
        end

        def event(event)
          formatter = params[:formatter]
          money = %w[asking price tip fee delivery].to_h { |name| [name, formatter.money(event["#{name}_minor"])] }
          hand = event.hand&.map { |id, minor| { piece_id: id.to_i, amount: formatter.typed_money(minor) } }
          { id: event.id, kind: event.kind, label: Operations::Flips::Sets::KINDS.fetch(event.kind), on: formatter.day(event.happened_on), channel: event.channel, hand: hand, **money }
        end

        def possible(set)
          done = set.happenings.map(&:kind)
          return [] if done.include?("sold")

          return %w[sold price_changed] if done.include?("listed")

          done.empty? && Operations::Flips::Sets.unready(set).any? ? %w[ready listed sold] : %w[listed sold]
        end
      end

      # The plan of a set's pieces as one: each step once, with the pieces that it is done on.
      class SetPlan < Support::Page
        attribute(:lines) { @lines.map { |line| line(line) } }
        attribute(:together) { @formatter.effort(@together) }
        attribute(:alone) { @formatter.effort(@alone) }

        # set: Records::PieceSet.
        def initialize(set, formatter)
          super
          @lines, @together, @alone = Operations::Planning::Together.plan(set)
        end

        private

        def line(line)
          { key: line.key, label: line.label, phase: line.phase, time: @formatter.effort(line.parts.sum do |_, step|
            step.seconds
          end),
            pieces: line.parts.map do |piece, step|
              { id: piece.id, name: piece.name, state: step.state, answered: answered?(step) }
            end }
        end

        def answered?(step) = !step.try.nil? || step.key == "lead" || step.key.start_with?("decide/")
      end
    end
  end
end
