# frozen_string_literal: true

require "fileutils"

module Kohlrabi
  # Backing a workshop up to one file, bringing it back, and the copies kept by rule beside the data: of the last seven days, and the first of
  # each of the last twelve months.
  module Backups
    DAYS = 7
    MONTHS = 12
    STALE = 7 # days after which the latest copy is said to be old
    NAME = /\Aworkshop-(\d{4}-\d{2}-\d{2})\.zip\z/

    module_function

    # Writes an archive of the open workshop. file: path, taken anew where it is there. Nothing half-written is left under its name.
    def write(file, &)
      partial = "#{file}.#{Process.pid}.part"
      FileUtils.rm_f(partial)
      reading(database) { |data| Formats::Archive::Writer.new(data, Pictures.folder).write(partial, made_at: Clock.now.utc.iso8601, &) }
      File.rename(partial, file)
      file
    ensure
      FileUtils.rm_f(partial)
    end

    # Brings an archive back in place of the open workshop, which is kept beside it under another name. The archive is checked whole first, and the
    # data is put together in a file of its own: where anything is wrong, all stays as it was. Returns the path of what was there before.
    # Raises Core::Refusal.
    def restore(file, &)
      target = database
      archive = reading(target) do |data|
        Formats::ArchiveReader.new(file, schema: Formats::Archive.schema(data), tables: Formats::Archive.tables(data))
      end
      fresh = "#{target}.restoring"
      build(fresh, archive, &)
      archive.each_photo { |name, bytes| keep_photo(name, bytes) }
      swap(target, fresh)
    ensure
      [fresh, "#{fresh}-wal", "#{fresh}-shm"].compact.each { |path| FileUtils.rm_f(path) } if fresh
    end

    # Writes today's copy where there is none, and lets go of those that the rule does not keep. Returns the copies that are there.
    def keep_by_rule(today)
      FileUtils.mkdir_p(folder, mode: 0o700)
      path = File.join(folder, "workshop-#{today.iso8601}.zip")
      write(path) unless File.exist?(path)
      kept.except(*kept_by_rule(kept.keys, today)).each_value { |old| FileUtils.rm_f(old) }
      kept
    end

    # {Date => path} of the copies beside the data.
    def kept
      Dir[File.join(folder, "*.zip")].filter_map { |path| File.basename(path)[NAME, 1]&.then { |text| [Date.iso8601(text), path] } }.to_h
    end

    # Dates that the rule keeps, of those there are: the last seven days, and the first of each of the last twelve months.
    def kept_by_rule(dates, today)
      recent = dates.select { |date| date > today - DAYS }
      monthly = dates.select { |date| date > (today << MONTHS) }.group_by { |date| [date.year, date.month] }.map { |_, days| days.min }
      (recent | monthly).sort
    end

    # The day of the latest copy, or nil.
    def latest = kept.keys.max

    def folder = File.join(File.dirname(database), "backups")
    def database = ActiveRecord::Base.connection_db_config.database

    def reading(path)
      data = SQLite3::Database.new(path, readonly: true, results_as_hash: true)
      data.transaction { yield data } # one moment of all tables
    ensure
      data&.close
    end
    private_class_method :reading

    # A database of its own with the archive's rows, whole or not at all.
    def build(fresh, archive, &progress)
      FileUtils.rm_f([fresh, "#{fresh}-wal", "#{fresh}-shm"])
      copy_shape(fresh)
      data = SQLite3::Database.new(fresh, results_as_hash: true)
      data.execute("PRAGMA foreign_keys = OFF")
      names = Formats::Archive.tables(data)
      data.transaction do
        names.each_with_index do |table, done|
          fill(data, table, archive.rows(table))
          progress&.call(done + 1, names.size)
        end
        broken = data.execute("PRAGMA foreign_key_check")
        raise Core::Refusal.new("The archive's records do not belong together.", "Choose another archive.", field: :file) if broken.any?
      end
    rescue SQLite3::Exception => e
      raise Core::Refusal.new("The archive's records cannot stand: #{e.message}.", "Choose another archive.", field: :file)
    ensure
      data&.close
    end
    private_class_method :build

    # The same tables, indexes and constraints as the workshop has, empty, with its migrations noted.
    def copy_shape(fresh)
      shape = reading(database) do |data|
        made = data.execute("SELECT sql FROM sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%' ORDER BY type = 'index', name")
        known = %w[schema_migrations ar_internal_metadata].to_h { |table| [table, data.execute("SELECT * FROM #{table}")] }
        { made: made.map { |row| row["sql"] }, known: known }
      end
      data = SQLite3::Database.new(fresh)
      data.execute("PRAGMA journal_mode = WAL")
      data.transaction do
        shape[:made].each { |sql| data.execute(sql) }
        shape[:known].each { |table, rows| fill(data, table, rows) }
      end
    ensure
      data&.close
    end
    private_class_method :copy_shape

    def fill(data, table, rows)
      return if rows.empty?

      names = rows.first.keys.grep(String)
      statement = data.prepare("INSERT INTO #{table} (#{names.map { |name| "\"#{name}\"" }.join(', ')}) VALUES (#{(['?'] * names.size).join(', ')})")
      rows.each { |row| statement.execute(names.map { |name| row[name] }) }
    ensure
      statement&.close
    end
    private_class_method :fill

    def keep_photo(name, bytes)
      path = File.join(Pictures.folder, name)
      return if File.exist?(path)

      FileUtils.mkdir_p(File.dirname(path), mode: 0o700)
      File.binwrite("#{path}.part", bytes)
      File.rename("#{path}.part", path)
    end
    private_class_method :keep_photo

    # The new file takes the old one's place; the old one is kept with the time in its name.
    def swap(target, fresh)
      Records::Database.close
      settle(target)
      settle(fresh)
      before = "#{target}.before-restore-#{Clock.now.utc.strftime('%Y%m%d-%H%M%S')}"
      File.rename(target, before)
      File.rename(fresh, target)
      Records::Database.open(target)
      before
    end
    private_class_method :swap

    # Brings all of a database into its one file.
    def settle(path)
      data = SQLite3::Database.new(path)
      data.execute("PRAGMA wal_checkpoint(TRUNCATE)")
      data.close
      FileUtils.rm_f(["#{path}-wal", "#{path}-shm"])
    end
    private_class_method :settle
  end
end
