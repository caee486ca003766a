# frozen_string_literal: true

module Api
  module Serializers
    module Flips
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
    end
  end
end
