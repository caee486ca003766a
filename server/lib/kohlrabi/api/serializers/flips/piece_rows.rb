# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Flips
        # Pieces in a list (Flips::ListRow), as the contract's PieceRow. Made by hand: a page has up to a hundred.
        module PieceRows
          module_function

          # Array of Hashes.
          def present(rows, say)
            faces = Operations::Flips::Photos.faces(rows.map { |row| row.piece.id })
            nexts = rows.any? { |row| Operations::Bench::Schedules::STAGES.include?(row.summary.stage) } ? Bench::BenchWords.new(Operations::Bench::Schedules.now, say).nexts : {}
            rows.map do |row|
              row(row, say).merge(face: faces[row.piece.id]&.then { |photo| Flips::Photo.address(photo) }, next_step: nexts[row.piece.id])
            end
          end

          def row(row, say)
            summary = row.summary
            worked = { hours: say.effort(row.seconds), hourly_pay: say.money(row.hourly_pay) }
            shown = { stage: summary.stage, drawing: say.drawing(row.piece), price: price(row, say), budget: budget(row, say) }
            named(row.piece).merge(days(row, say), money(summary, say), worked, shown)
          end
          private_class_method :row

          def days(row, say)
            summary = row.summary
            ended = Operations::Flips::Lists::IN_HAND.exclude?(summary.stage)
            { bought_on: say.day(row.piece.bought_on), ended_on: say.day(summary.ended_on), turnaround_days: summary.turnaround_days,
              strip: say.strip(row.turnaround, ended: ended) }
          end
          private_class_method :days

          def money(summary, say)
            { cash_in: say.money(summary.cash_in_minor), receipts: say.money(summary.receipts_minor),
              cash_profit: say.money(summary.cash_profit_minor) }
          end
          private_class_method :money

          def budget(row, say)
            budget = row.budget or return
            hours = budget.budget
            { hours: say.effort(hours.amount), why: hours.why, short: budget.short?, out: budget.out? }
          end
          private_class_method :budget

          def named(piece)
            { id: piece.id, ticket: piece.ticket_text, name: piece.name, kind: piece.kind, source: piece.source }
          end
          private_class_method :named

          def price(row, say)
            label, amount = row.price
            label && { label: label, money: say.money(amount) }
          end
          private_class_method :price
        end
      end
    end
  end
end
