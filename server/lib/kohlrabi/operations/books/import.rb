# frozen_string_literal: true

module Operations
  module Books
    # Takes in past flips that a format has read. All or nothing, in one transaction, in bulk.
    module Import
      # What became of a row: number in the file, name, state (:taken, :bad, :repeat), problems and remarks.
      Outcome = Struct.new(:row, :name, :state, :problems, :remarks, :summary, keyword_init: true)
      BATCH = 500

      extend self

      # flips: Array of Formats::FlipsCsv::Flip. again: take repeats too. Returns [Array of Outcome, flips to take].
      def check(flips, again: false)
        known = Records::Piece.live.pluck(:name, :bought_on).to_set
        outcomes = flips.map { |flip| outcome(flip, known, again) }
        [outcomes, flips.zip(outcomes).filter_map { |flip, outcome| flip if outcome.state == :taken }]
      end

      # [flips done, of all] of the import that is under way, or of the last one.
      def progress = @progress || [0, 0]

      # Records the flips. gone: told with each batch, raises where nobody waits for the answer any more; nothing is
      # recorded then. Yields progress (done, of). Raises Refused when the core does not accept one after all.
      def take(flips, gone: nil)
        @progress = [0, flips.size]
        Records::Base.transaction do
          ticket = Records::Piece.maximum(:ticket).to_i
          channels = Market::Channels.ids
          flips.each_slice(BATCH).with_index do |batch, index|
            gone&.call
            write(batch, ticket + (index * BATCH), channels)
            @progress = [[(index + 1) * BATCH, flips.size].min, flips.size]
            yield(*@progress) if block_given?
          end
        end
      end

      PIECE = %i[name kind source bought_on purchase_minor notes width_mm depth_mm height_mm].freeze
      KIND = Core::Planning::Shape::Kinds
      DETAILS = { listing: [Records::Listing, %i[asking_minor channel]],
                  sale: [Records::Sale, %i[price_minor tip_minor fee_minor delivery_minor asking_minor channel]],
                  refund: [Records::Refund, %i[amount_minor fee_back_minor]] }.freeze

      private

      def outcome(flip, known, again)
        repeat = !again && known.include?([flip.name, flip.bought_on])
        state = if flip.problems.any? then :bad
                else repeat ? :repeat : :taken
                end
        Outcome.new(row: flip.row, name: flip.name, state: state, problems: flip.problems, remarks: flip.remarks,
                    summary: flip.summary)
      end

      def write(batch, ticket, channels)
        ids = Records::Bulk.insert(Records::Piece, [*PIECE, :ticket, :kind_key], batch.each_with_index.map do |flip, i|
          [*flip.piece.values_at(*PIECE), ticket + i + 1, KIND.key(flip.piece[:kind])]
        end)
        rows = batch.zip(ids)
        events(rows, channels)
        costs(rows)
        work(rows)
        Flips::Summaries.keep(rows.to_h { |flip, id| [id, Flips::Summaries.figures(ImportedFlip.flip(flip, id, channels))] })
        rented = Records::FlipSummary.where(piece_id: ids, channel_id: Flips::BoothRents.places.keys).pluck(:piece_id)
        Flips::Summaries.refresh(rented) if rented.any?
      end

      def events(rows, channels)
        wanted = rows.flat_map { |flip, id| flip.events.each_with_index.map { |event, i| [event, id, i + 1] } }
        ids = Records::Bulk.insert(Records::Event, %i[piece_id kind happened_on position], wanted.map do |event, id, index|
          [id, event[:kind], event[:happened_on], index]
        end)
        DETAILS.each do |key, (model, columns)|
          linked = columns.include?(:channel) ? [*columns, :channel_id] : columns
          details = wanted.zip(ids).filter_map do |(event, _, _), id|
            [id, *Market::Channels.linked(event[key], channels).values_at(*linked)] if event[key]
          end
          Records::Bulk.insert(model, [:event_id, *linked], details)
        end
      end

      def costs(rows)
        wanted = rows.flat_map { |flip, id| flip.costs.map { |cost| [cost, id] } }
        ids = Records::Bulk.insert(Records::Cost, %i[what category amount_minor spent_on], wanted.map do |cost, _|
          cost.values_at(:what, :category, :amount_minor, :spent_on)
        end)
        Records::Bulk.insert(Records::CostShare, %i[cost_id piece_id weight amount_minor], wanted.zip(ids).map do |(cost, piece), id|
          [id, piece, "1", cost[:amount_minor]]
        end)
      end

      def work(rows)
        person = Support::Workshop.people.first.id
        wanted = rows.select { |flip, _| flip.seconds }
        ids = Records::Bulk.insert(Records::WorkEntry, %i[person_id kind seconds], wanted.map do |flip, _|
          [person, ImportedFlip::KIND, flip.seconds]
        end)
        Records::Bulk.insert(Records::WorkShare, %i[work_entry_id piece_id weight seconds], wanted.zip(ids).map do |(flip, piece), id|
          [id, piece, "1", flip.seconds]
        end)
      end
    end
  end
end
