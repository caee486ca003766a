# frozen_string_literal: true

module Operations
  module House
    # Recomputes every flip and compares it with what is stored; checks that shares add up and SQLite is sound.
    module Doctor
      extend self

      # Yields progress (done, of). Returns an Array of plain sentences, empty when all is well.
      def examine
        ids = Records::Piece.order(:id).pluck(:id)
        findings = integrity + shares + lost_photos
        ids.each_slice(Flips::Summaries::BATCH).with_index do |batch, index|
          findings.concat(summaries(batch))
          yield [(index + 1) * Flips::Summaries::BATCH, ids.size].min, ids.size if block_given?
        end
        findings
      end

      # Writes every summary again.
      def mend = Flips::Summaries.refresh(Records::Piece.order(:id).pluck(:id))

      # Wholes whose shares don't add up to them, in sentences.
      def shares = cost_and_work_shares + lot_shares

      LOT_PARTS = %i[price premium tax].freeze

      private

      def integrity
        rows = Records::Base.connection.select_values("PRAGMA integrity_check") - ["ok"]
        keys = Records::Base.connection.select_rows("PRAGMA foreign_key_check")
        rows.map { |row| "Database: #{row}" } + keys.map { |row| "Database: broken reference #{row.join(' ')}" }
      end

      def lost_photos
        Records::Photo.live.pluck(:id, :fingerprint).filter_map do |id, print|
          "Photo #{id}: the file is missing." unless File.file?(Pictures.path(print))
        end
      end

      # Lots whose parts do not add up to their whole.
      def lot_shares
        Records::Lot.live.where.not(price_minor: nil).includes(:members).filter_map do |lot|
          whole = Flips::Lots.whole(lot)
          parts = LOT_PARTS.map { |name| lot.members.sum { |member| member["#{name}_minor"].to_i } }
          "Parts of lot #{lot.id} don't add up." unless parts == [whole.price, whole.premium, whole.tax]
        end
      end

      def cost_and_work_shares
        { Records::Cost => %w[amount_minor cost],
          Records::WorkEntry => ["seconds", "hours entry"] }.flat_map do |model, (column, name)|
          share = model.reflect_on_association(:shares).klass
          table = model.table_name
          model.joins(:shares).group("#{table}.id").having("SUM(#{share.table_name}.#{column}) <> #{table}.#{column}")
               .pluck("#{table}.id").map { |id| "Shares of #{name} #{id} don't add up." }
        end
      end

      def summaries(ids)
        stored = Records::FlipSummary.where(piece_id: ids).index_by(&:piece_id)
        Flips::Summaries.compute(ids).filter_map do |id, figures|
          row = stored[id]
          differing = figures.reject { |name, value| row && row[name] == value }.keys
          "Piece #{id}: #{row ? "stored #{differing.join(', ')} differ" : 'no stored figures'}." if differing.any?
        end
      end
    end
  end
end
