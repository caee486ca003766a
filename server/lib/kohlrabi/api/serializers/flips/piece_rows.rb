# frozen_string_literal: true

module Api
  module Serializers
    module Flips
      # Where a piece comes from and what hangs on it, as the contract's Piece has it: lot, split, set, spotted piece,
      # photos, damage, diary, what it fits through, cautions.
      class Origins < Support::Page
        shows :lot, :set, :prospect, :diary, :fit, :single, :cautions
        attribute(:split_from) { named(lineage[-2]) if lineage.size > 1 }
        attribute(:split_into) { parts }
        attribute(:photos) { Flips::Photo.present(@piece.photos, @formatter) }
        attribute(:damages) { Flips::Damage.present(@piece.damages, @formatter) }
        attribute(:mates) { Operations::Planning::Twins.mates(@piece).map { |mate| { id: mate.id, name: mate.name } } }

        NAMES = %i[lot split_from split_into set prospect photos damages diary mates fit single cautions].freeze

        # piece: Records::Piece; flip: Flips::Flip; formatter: Formatter.
        def initialize(piece, flip, formatter)
          super(piece, formatter)
          @piece = piece
          @flip = flip
        end

        private

        # Its own lines, after those of the pieces it was split from: history stays with each part.
        def diary
          lineage.flat_map do |piece|
            own = piece.id == @piece.id
            piece.diary_entries.map do |entry|
              { id: entry.id, on: @formatter.day(entry.happened_on), kind: entry.kind,
                text: own ? entry.text : "#{piece.ticket_text}: #{entry.text}" }
            end
          end
        end

        # The piece after all it was split from, oldest first.
        def lineage
          @lineage ||= [@piece].tap do |all|
            while (whole = Operations::Flips::Splits.whole_of(all.first))
              all.unshift(whole)
            end
          end
        end

        def lot
          found = @piece.lot_member&.lot
          found && found.deletion_id.nil? ? { id: found.id, name: found.name, pieces: found.members.size } : nil
        end

        def set
          return @set if defined?(@set)

          found = Operations::Flips::Sets.of(@piece)
          @set = found && { id: found.id, name: found.name }
        end

        def prospect
          found = @piece.prospect
          { id: found.id, name: found.title } if found && found.deletion_id.nil?
        end

        def named(piece) = piece && { id: piece.id, ticket: piece.ticket_text, name: piece.name }

        def parts
          event = @piece.events.find { |one| one.kind == "split" } or return
          { event_id: event.id, parts: Operations::Flips::Splits.parts(event).map { |part| named(part.piece).merge(weight: part.weight) } }
        end

        def fit
          drawers = Operations::Planning::Drawing.shape(@piece).drawn[:drawer_rows].any?
          Scout::VerdictWords.fit(*Operations::House::Openings.carrying(Operations::Planning::Drawing.measures(@piece), drawers: drawers),
                                  @formatter)
        end

        def single
          return if @flip.chain.ended? || @piece.kind.nil? || lineage.size > 1 || set

          count = [Operations::Planning::Twins.alike(@piece).count, 1].max
          Scout::VerdictWords.single(Operations::Scout::Verdicts.as_bought(@piece, count).single, @formatter)
        end

        def cautions
          return [] if @flip.chain.ended?

          Core::Planning::Cautions.before_buying(kind: @piece.kind, condition: "worn", made_about: @piece.made_about,
                                                 tips: Core::Planning::TipOver.any?(Operations::Planning::Drawing.shape(@piece)))
        end
      end

      # Pieces in a list (Flips::ListRow), as the contract's PieceRow. Made by hand: a page has up to a hundred.
      module PieceRows
        extend self

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

        private

        def row(row, formatter)
          summary = row.summary
          worked = { hours: formatter.effort(row.seconds), hourly_pay: formatter.money(row.hourly_pay) }
          shown = { stage: summary.stage, drawing: formatter.drawing(row.view), price: price(row, formatter), budget: budget(row, formatter),
                    standing: Market::Standing.present(row.standing, formatter) }
          named(row.piece).merge(days(row, formatter), money(summary, formatter), worked, shown)
        end

        def days(row, formatter)
          summary = row.summary
          ended = Operations::Flips::Lists::IN_HAND.exclude?(summary.stage)
          { bought_on: formatter.day(row.piece.bought_on), ended_on: formatter.day(summary.ended_on), turnaround_days: summary.turnaround_days,
            strip: formatter.strip(row.turnaround, ended: ended) }
        end

        def money(summary, formatter)
          { cash_in: formatter.money(summary.cash_in_minor), receipts: formatter.money(summary.receipts_minor),
            cash_profit: formatter.money(summary.cash_profit_minor) }
        end

        def budget(row, formatter)
          budget = row.budget or return
          hours = budget.budget
          { hours: formatter.effort(hours.amount), why: hours.why, short: budget.short?, out: budget.out? }
        end

        def named(piece)
          { id: piece.id, ticket: piece.ticket_text, name: piece.name, kind: piece.kind, source: piece.source }
        end

        def price(row, formatter)
          label, amount = row.price
          label && { label: label, money: formatter.money(amount) }
        end
      end
    end
  end
end
