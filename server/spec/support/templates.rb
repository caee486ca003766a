# frozen_string_literal: true

require "digest"
require "fileutils"
require "sqlite3"
require_relative "spec_clock"

# A migrated, empty workshop and a laid-out demo, each made once by the real program and then copied: migrating takes a
# second, laying out the demo twenty. Kept in tmp/spec under a fingerprint of what they are made from, for the next run
# too.
module Templates
  FOLDER = SpecClock::FOLDER
  SHAPE = %w[server/db/migrate/*.rb].freeze
  DEMO = %w[server/db/**/* server/lib/**/*.rb core/lib/**/*.rb core/data/**/*].freeze

  extend self

  # Path of a data folder with an empty workshop.
  def empty
    @empty ||= made("empty", SHAPE) { |home| run(home, "doctor", &:read) }
  end

  # Path of a data folder with the demo as of the specs' day.
  def demo
    day = SpecClock.today.iso8601
    (@demo ||= {})[day] ||= made("demo", DEMO, day) do |home|
      run(home, "demo", "--port", "4780") do |printed|
        nil until printed.readline.include?("http://")
        Process.kill(:TERM, printed.pid)
      end
      FileUtils.mv("#{home}-demo", home)
    end
  end

  # Fills a folder that is not there yet.
  def copy(template, to)
    FileUtils.mkdir_p(to, mode: 0o700)
    FileUtils.cp_r("#{template}/.", to)
  end

  private

  # The block fills a folder; several processes that ask at once wait for the one that is at it.
  def made(name, sources, *more)
    files = sources.flat_map { |pattern| Dir[File.join(ROOT, pattern)] }.select { |file| File.file?(file) }.sort
    print = Digest::SHA256.hexdigest((files.map { |file| File.binread(file) } + more).join("\0"))[0, 12]
    folder = File.join(FOLDER, "#{name}-#{print}")
    FileUtils.mkdir_p(FOLDER)
    File.open("#{folder}.lock", File::CREAT | File::RDWR) do |lock|
      lock.flock(File::LOCK_EX)
      unless File.directory?(folder)
        partial = "#{folder}.#{Process.pid}"
        yield partial
        FileUtils.rm_rf(Dir[File.join(partial, "{*.lock,*-wal,*-shm,backups}")])
        File.rename(partial, folder)
      end
    end
    folder
  end

  # The real program on a data folder; the block reads what it prints and waits for, or brings about, its end. What it
  # wrote is all in the one file of the database afterwards.
  def run(home, *arguments, &)
    environment = { "KOHLRABI_HOME" => home, **SpecClock.environment }
    IO.popen([environment, "ruby", File.join(ROOT, "server/kohlrabi.rb"), *arguments], &)
    Dir["#{home}*/*.sqlite3"].each do |file|
      SQLite3::Database.new(file) { |data| data.execute("PRAGMA wal_checkpoint(TRUNCATE)") }
    end
  end
end
