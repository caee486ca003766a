# frozen_string_literal: true

require "fileutils"

# Backing a workshop up to one file, and the copies kept by rule beside the data: of the last seven days, and the first
# of each of the last twelve months. Restoring is in Restore.
module Backups
  DAYS = 7
  MONTHS = 12
  STALE = 7 # days after which the latest copy is said to be old

  extend self

  # Writes an archive of the open workshop. file: path, taken again where it is there. Nothing half-written is left under
  # its name.
  def write(file, &)
    partial = "#{file}.#{Process.pid}.part"
    FileUtils.rm_f(partial)
    reading(database) { |data| Formats::Archive::Writer.new(data, Pictures.folder).write(partial, made_at: Clock.now.utc.iso8601, &) }
    File.rename(partial, file)
    file
  ensure
    FileUtils.rm_f(partial)
  end

  # Writes today's copy where there is none, and lets go of those that the rule does not keep. Returns the copies that
  # are there.
  def keep_by_rule(today)
    FileUtils.mkdir_p(folder, mode: 0o700)
    path = File.join(folder, "workshop-#{today.iso8601}.zip")
    write(path) unless File.exist?(path)
    kept.except(*kept_by_rule(kept.keys, today)).each_value { |old| FileUtils.rm_f(old) }
    kept
  end

  # {Date => path} of the copies beside the data.
  def kept = Copies.by_rule(database)

  # Dates that the rule keeps, of those there are: the last seven days, and the first of each of the last twelve months.
  def kept_by_rule(dates, today)
    recent = dates.select { |date| date > today - DAYS }
    monthly = dates.select do |date|
      date > (today << MONTHS)
    end.group_by { |date| [date.year, date.month] }.map { |_, days| days.min }
    (recent | monthly).sort
  end

  # The day of the latest copy, or nil.
  def latest = kept.keys.max

  # Where copies by rule are kept.
  def folder = Copies.folder(database)

  private

  def database = ActiveRecord::Base.connection_db_config.database

  # One moment of all tables.
  def reading(path)
    data = SQLite3::Database.new(path, readonly: true, results_as_hash: true)
    data.transaction { yield data }
  ensure
    data&.close
  end
end
