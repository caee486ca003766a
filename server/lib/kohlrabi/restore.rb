# frozen_string_literal: true

require "fileutils"

# Brings a backup back in place of a workshop: an archive that backup wrote, or a database that an earlier restore put
# aside. The file is checked whole first; its data is put together in a database of its own, brought up to date by the
# migrations that the workshop itself went through, and its figures are recomputed, whatever stands for them in the
# file. Only then it takes the workshop's place, in one rename: whenever the program or the machine stops, either the
# old workshop is there whole or the new one is. What was there, sound or not, is kept beside it.
# Nobody else may have the workshop open (DataLock).
class Restore
  SQLITE = "SQLite format 3\0"

  # file: path of the backup; target: path of the workshop's database, which may be missing or damaged.
  def initialize(file, target)
    @file = file
    @target = target
    @fresh = "#{target}.restoring"
  end

  # Yields progress (done, of). Returns the path under which what was there before is kept, nil where there was nothing.
  # Leaves the restored workshop open. Raises Core::Refusal; then all is as it was.
  def run(&)
    was_open = Records::Database.file
    Records::Database.close
    clear
    database? ? from_database : from_archive(&)
    take_place
  ensure
    reopen(was_open) unless Records::Database.file == File.expand_path(@target)
    clear
  end

  private

  # After a refusal: what was open before is open again.
  def reopen(file)
    Records::Database.close
    Records::Database.open(file) if file
  end

  def database? = File.binread(@file, SQLITE.size) == SQLITE
  def clear = [@fresh, "#{@fresh}-wal", "#{@fresh}-shm"].each { |path| FileUtils.rm_f(path) }

  def from_archive(&)
    reader = Formats::ArchiveReader.new(@file, latest: Records::Database.versions.max)
    refuse(:archive_too_old) unless known?(reader.schema)
    Records::Database.connect(@fresh, synchronous: :off)
    Records::Database.migrate(reader.schema)
    fill(reader, &)
    finish
    reader.each_photo { |name, bytes| Pictures.bring_back(name, bytes) }
  end

  # A database that was put aside, on its own or with what it had not yet written into itself.
  def from_database
    ["", "-wal"].each { |rest| FileUtils.cp("#{@file}#{rest}", "#{@fresh}#{rest}") if File.file?("#{@file}#{rest}") }
    sound = Records::Soundness.new(@fresh, known: Records::Database.versions, begin_anew: true)
    sound.check!
    refuse(:database_without_workshop) if sound.version.zero?
    Records::Database.connect(@fresh, synchronous: :off)
    ActiveRecord::Base.connection.execute("DELETE FROM sessions") # who was let in then is not let in now
    finish
  rescue Records::Unusable => e
    refuse(:database_unusable, problem: e.message.lines.first.chomp.sub(/: #{Regexp.escape(@fresh)}\z/, ""))
  end

  def known?(version) = Records::Database.versions.include?(version)

  # The archive's rows, whole or not at all, in the shape that they were written from.
  def fill(reader)
    data = SQLite3::Database.new(@fresh, results_as_hash: true)
    data.execute("PRAGMA foreign_keys = OFF") # tables come in no order of theirs; checked at the end
    names = Formats::Archive.tables(data)
    reader.check_tables(names)
    data.transaction do
      names.each_with_index do |table, done|
        insert(data, table, reader.enum_for(:rows, table))
        yield done + 1, names.size if block_given?
      end
    end
  rescue SQLite3::Exception => e
    raise if Storage.trouble(e)

    refuse(:archive_records_refused, message: e.message)
  ensure
    data&.close
  end

  def insert(data, table, rows)
    columns = data.table_info(table).map { |column| column["name"] }
    names = columns.map { |name| "\"#{name}\"" }.join(", ")
    statement = data.prepare("INSERT INTO #{table} (#{names}) VALUES (#{(['?'] * columns.size).join(', ')})")
    rows.each do |row|
      refuse(:table_row_of_other_fields, table: table) unless row.keys.sort == columns.sort
      refuse(:table_row_not_plain, table: table) if row.values.any?(Enumerable)
      statement.execute(row.values_at(*columns).map { |value| plain(value) })
    end
  ensure
    statement&.close
  end

  def plain(value)
    case value
    when true then 1
    when false then 0
    else value
    end
  end

  # Up to date, whole, and every stored figure as computed from the records.
  def finish
    Records::Database.migrate
    Records::Base.descendants.each(&:reset_column_information)
    Records::Database.watch(@fresh)
    broken = ActiveRecord::Base.connection.select_rows("PRAGMA foreign_key_check")
    refuse(:archive_records_apart) if broken.any?
    Records::Workshop.first || refuse(:archive_without_workshop)
    refuse(:archive_shares_off) if Operations::House::Doctor.shares.any?
    Operations::House::Doctor.mend
  rescue ActiveRecord::ActiveRecordError => e
    raise if Storage.trouble(e)

    refuse(:archive_records_invalid, chomp: e.message.lines.first.chomp)
  end

  # The one step after which the new workshop is there.
  def take_place
    Records::Database.close
    settle(@fresh)
    sync(@fresh)
    before = put_aside
    FileUtils.rm_f(["#{@target}-wal", "#{@target}-shm"]) # what another database had not yet written into itself
    File.rename(@fresh, @target)
    sync(File.dirname(@target))
    Records::Database.open(@target)
    before
  end

  # A copy, not the file itself: until the rename the workshop stays in its place.
  def put_aside
    return unless File.size?(@target)

    settle(@target)
    name = "#{@target}.before-restore-#{Clock.now.utc.strftime('%Y%m%d-%H%M%S')}"
    ["-wal", ""].select { |rest| File.size?("#{@target}#{rest}") }.each do |rest|
      FileUtils.cp("#{@target}#{rest}", "#{name}.part")
      sync("#{name}.part")
      File.rename("#{name}.part", "#{name}#{rest}")
    end
    name
  end

  # Brings all of a database into its one file; a damaged one stays as it is.
  def settle(path)
    data = SQLite3::Database.new(path)
    data.execute("PRAGMA wal_checkpoint(TRUNCATE)")
  rescue SQLite3::Exception
    nil
  ensure
    data&.close
  end

  def sync(path) = File.open(path, &:fsync)

  def refuse(code, **params) = raise(Core::Refusal.new(code, field: :file, **params))
end
