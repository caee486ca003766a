# frozen_string_literal: true

module Operations
  module Flips
    # Keeps one row of figures a flip, written in the transaction of the change that altered them. It holds both
    # hours rules and no price target, so that no house rule makes it stale.
    module Summaries
      BATCH = 500
      FIGURES = %w[stage started_on ready_on listed_on ended_on asking_minor cash_in_minor receipts_minor cash_profit_minor
                   bench_seconds all_seconds turnaround_days live stash_minor channel channel_id kinds_worked
                   purchase_minor sundries_minor materials_minor hardware_minor trips_minor other_minor selling_minor].freeze

      extend self

      # Recomputes and stores the rows of the pieces. Raises Refused when a piece's events cannot stand,
      # so that the change that led to it is rolled back.
      # Sold pieces that stood at a rented place beside one of them, before the change or after it, are recounted, too;
      # of several that changed together each is beside the others.
      def refresh(piece_ids)
        ids = Splits.family(Array(piece_ids).uniq)
        before = BoothRents.beside(ids)
        ids.each_slice(BATCH) do |some|
          store(rows(some))
          DeferredPlans.renew(some)
        end
        recount(before | BoothRents.beside(ids) | (ids.size > 1 ? BoothRents.sold_among(ids) : []))
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      # Computes and stores figures of pieces of which nothing was changed.
      def recount(piece_ids) = piece_ids.each_slice(BATCH) { |ids| store(rows(ids)) }

      # At a start: all that an earlier version, a server that was ended, or the days since have left uncounted. The
      # block gets how many flips first.
      def bring_up_to_date(&)
        ToCome.complete
        BoothRents.run
        complete(&)
      end

      # Counts what a database of an earlier version does not hold yet; nothing where all of it is there. The block
      # gets their number first.
      def complete
        ids = Records::FlipSummary.where(selling_minor: nil).pluck(:piece_id)
        return if ids.empty?

        yield ids.size if block_given?
        Records::Base.transaction { refresh(ids) }
      end

      # Stores figures of pieces that have none yet. rows: {piece id => figures}.
      def keep(rows)
        Records::Bulk.insert(Records::FlipSummary, ["piece_id", *FIGURES], rows.map do |id, figures|
          [id, *figures.values_at(*FIGURES)]
        end)
      end

      # Hash of piece id => figures, computed by the core from the records.
      def compute(ids)
        pieces = Records::Piece.where(id: ids).to_a
        FlipRecords.load(pieces).to_h { |flip| [flip.piece.id, figures(flip)] }
      end

      # Figures of a Flip, by the names of FIGURES.
      def figures(flip)
        statement = flip.statement("bench")
        chain = flip.chain
        { "stage" => chain.stage, "started_on" => chain.on(:first_work), "ready_on" => chain.on(:ready),
          "listed_on" => chain.on(:listed), "ended_on" => chain.ending&.on, "asking_minor" => flip.asking,
          "cash_in_minor" => statement.cash_in.amount, "receipts_minor" => statement.receipts.amount,
          "cash_profit_minor" => statement.cash_profit.amount,
          "bench_seconds" => flip.work.bench, "all_seconds" => flip.work.all,
          "turnaround_days" => flip.turnaround(Date.new(9999)).whole.amount, "live" => flip.piece.deletion_id.nil?,
          "stash_minor" => flip.stash, "channel" => flip.channel, "channel_id" => flip.channel_id,
          "kinds_worked" => flip.kinds_worked, **parts(flip, statement) }
      end

      private

      def rows(ids)
        now = Clock.now
        compute(ids).map { |id, figures| figures.merge("piece_id" => id, "created_at" => now, "updated_at" => now) }
      end

      def store(rows)
        return unless rows.any?

        Records::FlipSummary.upsert_all(rows, unique_by: :piece_id, update_only: FIGURES.map(&:to_sym),
                                              record_timestamps: true)
      end

      # What went in and what the sale took, part by part.
      def parts(flip, statement)
        { **flip.money_in.parts.to_h do |part|
          ["#{part.key}_minor", part.amount]
        end, "selling_minor" => statement.selling.amount }
      end
    end
  end
end
