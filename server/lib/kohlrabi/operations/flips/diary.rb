# frozen_string_literal: true

module Operations
  module Flips
    # All that happened to a piece, in order: dates, costs, what was taken from the shelf, work, steps, photos, what
    # was tried, and every change of mind with what it cost.
    module Diary
      # on: Date or nil; at: instant that puts lines of one day in order; kind: bought, event, cost, shelf, work,
      # step, photo or note; text; seconds and minor: what it took, or nil.
      Line = Struct.new(:on, :at, :kind, :text, :seconds, :minor, keyword_init: true)

      extend self

      # Array of Line, the latest first; those without a date come last.
      def of(piece)
        lines = bought(piece) + events(piece) + costs(piece) + work(piece) + steps(piece) + photos(piece) + notes(piece)
        dated, undated = lines.partition(&:on)
        dated.sort_by { |line| [line.on, line.at] }.reverse + undated
      end

      # Notes of any piece that have all words, the latest first; at most `most`.
      def find(words, most: 6)
        notes = Records::DiaryEntry.live.joins(:piece).merge(Records::Piece.live)
        words.inject(notes) { |scope, word| Support::TextSearch.narrow(scope, ["diary_entries.text"], word) }
             .order(id: :desc).limit(most).includes(:piece).to_a
      end

      private

      def bought(piece)
        return [] unless piece.bought_on

        [Line.new(on: piece.bought_on, at: Time.at(0), kind: "bought", text: "Bought#{" from #{piece.source}" if piece.source}",
                  minor: piece.purchase_minor)]
      end

      def events(piece)
        piece.events.includes(:sale, :listing, :refund).map do |event|
          amount = event.sale&.price_minor || event.listing&.asking_minor || event.refund&.amount_minor
          Line.new(on: event.happened_on, at: event.created_at, kind: "event", text: Events::KINDS.fetch(event.kind),
                   minor: amount)
        end
      end

      def costs(piece)
        piece.cost_shares.includes(cost: :draws).select { |share| share.cost.deletion_id.nil? }.map do |share|
          cost = share.cost
          kind, text = cost.draws.any? ? ["shelf", "Used from the shelf: #{cost.what}"] : ["cost", cost.what]
          Line.new(on: cost.spent_on, at: cost.created_at, kind: kind, text: text, minor: share.amount_minor)
        end
      end

      def work(piece)
        piece.work_shares.includes(work_entry: :person).select do |share|
          share.work_entry.deletion_id.nil?
        end.map do |share|
          entry = share.work_entry
          Line.new(on: entry.worked_on, at: entry.started_at || entry.created_at, kind: "work", seconds: share.seconds,
                   text: [Core::Flips::WorkKinds.label(entry.kind), entry.person.name, entry.note].compact.join(", "))
        end
      end

      def steps(piece)
        piece.step_marks.group_by { |mark| [mark.event_id || mark.step, mark.done_at] }.map do |(_, at), marks|
          Line.new(on: Support::Workshop.current.date_of(at), at: at, kind: "step", text: done(marks))
        end
      end

      # What an event settled is one line.
      def done(marks)
        steps = marks.map(&:step).uniq.size
        return "Done: #{marks.first.label}" unless marks.first.event_id

        "#{steps} open #{steps == 1 ? 'step' : 'steps'} of the plan counted as done"
      end

      def photos(piece)
        piece.photos.group_by do |photo|
          [Support::Workshop.current.date_of(photo.created_at), photo.kind]
        end.map do |(on, kind), photos|
          number = photos.size
          Line.new(on: on, at: photos.last.created_at, kind: "photo",
                   text: "#{number} #{number == 1 ? 'photo' : 'photos'}: #{Photos::KINDS.fetch(kind).downcase}")
        end
      end

      # Changes of mind, damage, answers and experience have lines of their own.
      def notes(piece)
        piece.diary_entries.map do |entry|
          Line.new(on: entry.happened_on, at: entry.created_at, kind: "note", text: entry.text)
        end +
          piece.damages.map do |damage|
            Line.new(on: damage.happened_on, at: damage.created_at, kind: "note", text: "Broken: #{damage.what}")
          end
      end
    end
  end
end
