# frozen_string_literal: true

module Records
  # Opens the workshop's one SQLite file, safely set, and brings it to the current shape.
  module Database
    WATCHING = Mutex.new
    MIGRATIONS = File.join(ROOT, "server/db/migrate")

    extend self

    # file: path of the database; begin_anew: take an empty one for a new workshop though copies lie beside it.
    # Raises Unusable.
    def open(file, begin_anew: false)
      Soundness.new(file, known: versions, begin_anew: begin_anew).check!
      keep_private(file)
      connect(file)
      migrate
      watch(file)
      Workshop.first || Workshop.begin!(LocalZone.name)
    end

    # Opens a copy of a database whose own disk is full, to be looked at; photos are found where they are. folder:
    # empty, on another disk. Raises Unusable.
    def open_copy(file, folder)
      FileUtils.cp([file, "#{file}-wal"].select { |path| File.exist?(path) }, folder)
      File.symlink(File.join(File.dirname(file), "photos"), File.join(folder, "photos"))
      self.open(File.join(folder, File.basename(file)))
    end

    # For its owner alone; what SQLite lays beside it gets the same rights.
    def keep_private(file)
      FileUtils.touch(file)
      File.chmod(0o600, file)
    end

    # Every acknowledged write is on disk (WAL with synchronous FULL). Transactions begin immediate, so that what
    # was read in one still holds when it writes. synchronous: off for a file that nobody works with yet.
    def connect(file, synchronous: :full)
      ActiveRecord.default_timezone = :utc
      BusyTimeout.apply
      ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: file, pool: 8,
                                              default_transaction_mode: :immediate,
                                              pragmas: { foreign_keys: true, journal_mode: :wal, synchronous: synchronous })
    end

    # Changes whenever anybody, this process or another, has committed a change. May be asked by any thread.
    def version = WATCHING.synchronize { [@watch.filename, @watch.get_first_value("PRAGMA data_version")] }

    # to: version of the shape; the latest where none is given.
    def migrate(to = nil)
      ActiveRecord::Migration.verbose = false
      context = ActiveRecord::MigrationContext.new(MIGRATIONS)
      to ? context.up(to) : context.migrate
      Base.descendants.each(&:reset_column_information) if to
    end

    # Versions of all migrations there are.
    def versions = Dir[File.join(MIGRATIONS, "*.rb")].map { |path| File.basename(path).to_i }.sort

    # Path of the open database, or nil.
    def file = @watch&.filename

    def watch(file)
      @watch&.close
      @watch = SQLite3::Database.new(file, readonly: true)
    end

    def close
      @watch&.close
      @watch = nil
      ActiveRecord::Base.remove_connection
    end
  end
end
