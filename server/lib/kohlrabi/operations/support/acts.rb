# frozen_string_literal: true

module Operations
  module Support
    # One request, one transaction, one undo: what a request created, changed and removed is stored as an act, and
    # undoing the act reverses all of it or nothing. Rows that were changed again since are never overwritten.
    module Acts
      # Bookkeeping that is not undone: requests, access, and what is computed from the rest.
      LEFT_OUT = %w[Act Fact IdempotencyKey Session Passcode PasscodeTry FlipSummary MarketFit Deletion].freeze
      # Columns computed from other rows; undoing computes them again.
      DERIVED = %w[updated_at lock_version seconds_to_come cost_to_come_minor].freeze
      STORED = 500 # acts; older ones can no longer be undone
      MAX_ROWS = 2000 # in one act; an import has its own way back

      extend Refusing

      extend self

      # Runs the block and stores what it changed. Must run in a transaction. Returns [the block's value, id of the act
      # or nil].
      def record(&)
        value, entries = Records::Journal.open(&)
        rows = entries.reject { |entry| LEFT_OUT.include?(entry.model) || only_derived?(entry) }
        return [value, nil] if rows.empty? || rows.size > MAX_ROWS

        act = Records::Act.create!(rows: JSON.generate(rows.map(&:to_h)))
        Records::Act.where(id: ..(act.id - STORED)).delete_all
        [value, act.id]
      end

      # Reverses an act and returns its id. Raises Refused where something has changed since, or it is stored no longer.
      def undo(id)
        Records::Base.transaction do
          act = Records::Act.find_by(id: id) or refuse(:act_forgotten)
          refuse(:undone_already) if act.undone_at
          entries = JSON.parse(act.rows).map { |row| Records::Journal::Entry.new(**row.transform_keys(&:to_sym)) }
          pieces = touched(entries)
          Reversal.new(entries).run
          act.update!(undone_at: Clock.now)
          refresh(pieces | touched(entries))
          act.id
        end
      rescue ActiveRecord::RecordNotUnique, ActiveRecord::InvalidForeignKey
        refuse(:changed_since)
      end

      def model(entry) = Records.const_get(entry.model)

      # Puts rows back, the last change first.
      class Reversal
        include Refusing

        def initialize(entries)
          @entries = entries
          @hidden = entries.select do |entry|
            entry.change == "created" && removable?(entry)
          end.to_set { |entry| [entry.model, entry.id] }
          @draws = entries.select { |entry| entry.model == "Draw" }.map(&:id)
        end

        def run
          @entries.reverse_each { |entry| reverse(entry) }
          Consequences.restored(Records::Draw.where(id: @draws).to_a) # what goes back on the shelf may have been used since
        end

        private

        def reverse(entry)
          return model(entry).insert!(typed(entry, entry.before)) if entry.change == "destroyed"

          row = model(entry).find_by(id: entry.id)
          refuse(:changed_since) unless row && same?(row, entry)
          return uncreate(row, entry) if entry.change == "created"

          row.update_columns(typed(entry, entry.before.except(*DERIVED)).merge(stamp(row)))
        end

        # Hides what can be hidden; what belongs to something hidden stays with it; the rest goes.
        def uncreate(row, entry)
          return row.update_columns(deletion_id: deletion.id, **stamp(row)) if removable?(entry)

          row.class.where(id: row.id).delete_all unless belongs_to_hidden?(row)
        end

        def belongs_to_hidden?(row)
          row.class.reflect_on_all_associations(:belongs_to).any? do |one|
            @hidden.include?([one.klass.name.demodulize, row[one.foreign_key]])
          end
        end

        def same?(row, entry)
          entry.after.except(*DERIVED).all? do |name, value|
            !row.has_attribute?(name) || Records::Journal.plain(row.class, name, row[name]) == value
          end
        end

        def typed(entry, values)
          values.to_h { |name, value| [name, model(entry).type_for_attribute(name).cast(value)] }
        end

        def stamp(row) = row.has_attribute?("updated_at") ? { updated_at: Clock.now } : {}
        def removable?(entry) = model(entry).include?(Records::Removable)
        def model(entry) = Acts.model(entry)
        def deletion = @deletion ||= Records::Deletion.create!(what: "Undone")
      end

      private

      def only_derived?(entry) = entry.change == "changed" && (entry.after.keys - DERIVED).empty?

      # Ids of the pieces whose figures may depend on the rows.
      def touched(entries)
        entries.flat_map do |entry|
          row = model(entry).find_by(id: entry.id)
          [entry.before, entry.after].compact.map { |values| values["piece_id"] } + (row ? Consequences.pieces_of(row) : [])
        end.compact.uniq
      end

      def refresh(pieces)
        Consequences.refresh_figures(Records::Piece.where(id: pieces).pluck(:id))
      end
    end
  end
end
