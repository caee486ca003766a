# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # Pieces in a list (Flips::ListRow), as the contract's PieceRow. Made by hand: a page has up to a hundred.
      module PieceRows
        module_function

        # Array of Hashes. photos: whether their faces are photos where there are some.
        def present(rows, formatter, photos: true)
          faces = photos ? Operations::Flips::Photos.faces(rows.map { |row| row.piece.id }) : {}
          nexts = if rows.any? do |row|
            Operations::Bench::Schedules::STAGES.include?(row.summary.stage)
          end
                    Bench::BenchWords.new(Operations::Bench::Schedules.now, formatter).nexts
                  else
                    {}
                  end
          rows.map do |row|
            row(row, formatter).merge(face: faces[row.piece.id]&.then do |photo|
              Flips::Photo.address(photo)
            end, next_step: nexts[row.piece.id])
          end
        end

        def row(row, formatter)
          summary = row.summary
          worked = { hours: formatter.effort(row.seconds), hourly_pay: formatter.money(row.hourly_pay) }
          shown = { stage: summary.stage, drawing: formatter.drawing(row.piece), price: price(row, formatter), budget: budget(row, formatter),
                    standing: Market::Standing.present(row.standing, formatter) }
          named(row.piece).merge(days(row, formatter), money(summary, formatter), worked, shown)
        end
        private_class_method :row

        def days(row, formatter)
          summary = row.summary
          ended = Operations::Flips::Lists::IN_HAND.exclude?(summary.stage)
          { bought_on: formatter.day(row.piece.bought_on), ended_on: formatter.day(summary.ended_on), turnaround_days: summary.turnaround_days,
            strip: formatter.strip(row.turnaround, ended: ended) }
        end
        private_class_method :days

        def money(summary, formatter)
          { cash_in: formatter.money(summary.cash_in_minor), receipts: formatter.money(summary.receipts_minor),
            cash_profit: formatter.money(summary.cash_profit_minor) }
        end
        private_class_method :money

        def budget(row, formatter)
          budget = row.budget or return
          hours = budget.budget
          { hours: formatter.effort(hours.amount), why: hours.why, short: budget.short?, out: budget.out? }
        end
        private_class_method :budget

        def named(piece)
          { id: piece.id, ticket: piece.ticket_text, name: piece.name, kind: piece.kind, source: piece.source }
        end
        private_class_method :named

        def price(row, formatter)
          label, amount = row.price
          label && { label: label, money: formatter.money(amount) }
        end
        private_class_method :price
      end
    end
  end
end
