# frozen_string_literal: true

module Kohlrabi
  module Desk
    # Takes in past flips that a format has read. All or nothing, in one transaction, in bulk.
    module Import
      # What became of a row: number in the file, name, state (:taken, :bad, :repeat), problems and remarks.
      Outcome = Struct.new(:row, :name, :state, :problems, :remarks, :summary, keyword_init: true)
      BATCH = 500

      module_function

      # flips: Array of Formats::FlipsCsv::Flip. again: take repeats too. Returns [Array of Outcome, flips to take].
      def check(flips, again: false)
        known = Records::Piece.live.pluck(:name, :bought_on).to_set
        outcomes = flips.map { |flip| outcome(flip, known, again) }
        [outcomes, flips.zip(outcomes).filter_map { |flip, outcome| flip if outcome.state == :taken }]
      end

      # Records the flips. Yields progress (done, of). Raises Refused when the core does not accept one after all.
      def take(flips)
        Records::Base.transaction do
          ticket = Records::Piece.maximum(:ticket).to_i
          flips.each_slice(BATCH).with_index do |batch, place|
            write(batch, ticket + (place * BATCH))
            yield [(place + 1) * BATCH, flips.size].min, flips.size if block_given?
          end
        end
      end

      def outcome(flip, known, again)
        repeat = !again && known.include?([flip.name, flip.bought_on])
        state = if flip.problems.any? then :bad
                else repeat ? :repeat : :taken
                end
        Outcome.new(row: flip.row, name: flip.name, state: state, problems: flip.problems, remarks: flip.remarks, summary: flip.told)
      end
      private_class_method :outcome

      def write(batch, ticket)
        now = Clock.now
        stamp = { created_at: now, updated_at: now }
        Records::Piece.insert_all!(batch.each_with_index.map { |flip, i| flip.piece.merge(ticket: ticket + i + 1, **stamp) })
        ids = Records::Piece.where(ticket: (ticket + 1)..(ticket + batch.size)).order(:ticket).pluck(:id)
        rows = batch.zip(ids)
        events(rows, stamp)
        costs(rows, stamp)
        work(rows, stamp)
        Summaries.refresh(ids)
      end
      private_class_method :write

      def events(rows, stamp)
        wanted = rows.flat_map { |flip, id| flip.events.each_with_index.map { |event, i| [event, id, i + 1] } }
        return if wanted.empty?

        Records::Event.insert_all!(wanted.map { |event, id, place| { piece_id: id, position: place, **event.slice(:kind, :happened_on), **stamp } })
        event_ids = Records::Event.where(piece_id: rows.map(&:last)).pluck(:piece_id, :position, :id).to_h { |piece, place, id| [[piece, place], id] }
        { listing: Records::Listing, sale: Records::Sale, refund: Records::Refund }.each do |key, model|
          details = wanted.filter_map { |event, id, place| event[key]&.merge(event_id: event_ids.fetch([id, place]), **stamp) }
          model.insert_all!(details) if details.any?
        end
      end
      private_class_method :events

      def costs(rows, stamp)
        wanted = rows.flat_map { |flip, id| flip.costs.map { |cost| [cost, id] } }
        ids = insert(Records::Cost, wanted.map { |cost, _| cost.merge(stamp) })
        shares = wanted.zip(ids).map { |(cost, piece), id| { cost_id: id, piece_id: piece, weight: "1", amount_minor: cost[:amount_minor], **stamp } }
        Records::CostShare.insert_all!(shares) if shares.any?
      end
      private_class_method :costs

      def work(rows, stamp)
        person = House.people.first
        wanted = rows.select { |flip, _| flip.seconds }
        ids = insert(Records::WorkEntry, wanted.map { |flip, _| { person_id: person.id, kind: "other", seconds: flip.seconds, **stamp } })
        shares = wanted.zip(ids).map { |(flip, piece), id| { work_entry_id: id, piece_id: piece, weight: "1", seconds: flip.seconds, **stamp } }
        Records::WorkShare.insert_all!(shares) if shares.any?
      end
      private_class_method :work

      # Ids of the rows inserted, in their order: SQLite numbers them upwards within one statement.
      def insert(model, rows)
        return [] if rows.empty?

        before = model.maximum(:id).to_i
        model.insert_all!(rows)
        model.where("id > ?", before).order(:id).pluck(:id)
      end
      private_class_method :insert
    end
  end
end
