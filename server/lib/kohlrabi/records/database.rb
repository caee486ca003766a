# frozen_string_literal: true

module Kohlrabi
  module Records
    # Opens the workshop's one SQLite file, safely set, and brings it to the current shape.
    module Database
      MIGRATIONS = File.join(ROOT, "server/db/migrate")

      module_function

      # file: path of the database. Every acknowledged write is on disk (WAL with synchronous FULL).
      # Transactions begin immediate, so that what was read in one still holds when it writes.
      def open(file)
        ActiveRecord.default_timezone = :utc
        Patience.apply
        ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: file, pool: 8,
                                                default_transaction_mode: :immediate,
                                                pragmas: { foreign_keys: true, journal_mode: :wal, synchronous: :full })
        migrate
        @watch&.close
        @watch = SQLite3::Database.new(file, readonly: true)
        Workshop.first || Workshop.begin!(LocalZone.name)
      end

      # Changes whenever anybody, this process or another, has committed a change.
      def version = [@watch.filename, @watch.get_first_value("PRAGMA data_version")]

      def migrate
        ActiveRecord::Migration.verbose = false
        ActiveRecord::MigrationContext.new(MIGRATIONS).migrate
      end

      def close
        @watch&.close
        @watch = nil
        ActiveRecord::Base.remove_connection
      end
    end
  end
end
