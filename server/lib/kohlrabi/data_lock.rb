# frozen_string_literal: true

require "fileutils"
require "json"

# Who works with a data folder. Every program that opens the workshop holds the folder's lock shared, so that several
# may write beside each other, as SQLite lets them; restore, which puts another database in its place, takes it alone;
# serve also holds a lock of its own, for there is one server a workshop. Locks are the operating system's (flock): they
# end with their process, however it ends. Beside each lock stands who holds it, so that who is refused can be told.
class DataLock
  # Refused; the message says which process holds it and what to do.
  class Held < StandardError
  end

  FOLDER = "locks"
  SERVERS = %w[serve demo].freeze

  # folder: the data folder, which must exist; as: the command that asks.
  def initialize(folder, as:)
    @folder = File.join(folder, FOLDER)
    @as = as
    FileUtils.mkdir_p(@folder, mode: 0o700)
  end

  # Held with others until the process ends. Raises Held while somebody restores.
  def share
    data(File::LOCK_SH) or
      raise Held, "The workshop's data is being replaced by #{holders}. Wait until that's finished, then try again."
    sign
  end

  # Held by nobody else, until the process ends or shares it. Raises Held while anybody works with the data.
  def alone
    data(File::LOCK_EX) or
      raise Held, "The workshop is in use by #{holders}. Stop it first, then try again. Nothing was changed."
    sign
  end

  # There is one server for a workshop. Raises Held where another runs.
  def serve
    @server = lock("server")
    return @server.truncate(0) if @server.flock(File::LOCK_EX | File::LOCK_NB) # the address of an earlier one

    at = @server.read
    raise Held, "This workshop is already running#{" at #{at}" unless at.empty?} by #{holders { |one| SERVERS.include?(one['as']) }}. " \
                "Use that one, or stop it first."
  end

  # Leaves word of the address, for who asks later.
  def served_at(address)
    @server.truncate(0)
    @server.rewind
    @server.write(address)
    @server.flush
  end

  private

  def data(how) = (@data ||= lock("data")).flock(how | File::LOCK_NB)

  # An open file, kept for as long as the process lives: one that is collected gives up its lock.
  def lock(name)
    File.new(File.join(@folder, name), File::RDWR | File::CREAT, 0o600).tap { |file| HELD << file }
  end
  HELD = [] # rubocop:disable Style/MutableConstant -- grows with what this process holds
  private_constant :HELD

  # Leaves word of who this is, locked as long as it lives.
  def sign
    notes # sweeps
    @sign ||= lock(Process.pid.to_s).tap do |file|
      file.flock(File::LOCK_EX)
      file.truncate(0)
      file.write(JSON.generate(pid: Process.pid, as: @as))
      file.flush
    end
  end

  # "“serve” (process 1234)" of all that live and hold something; those that ended are swept away.
  def holders(&wanted)
    living = wanted ? notes.select(&wanted) : notes
    words = living.map { |one| "“#{one['as']}” (process #{one['pid']})" }
    words.empty? ? "another program" : words.join(" and ")
  end

  def notes = Dir[File.join(@folder, "[0-9]*")].filter_map { |path| note(path) }

  def note(path)
    return if File.basename(path) == Process.pid.to_s

    File.open(path) do |file|
      next JSON.parse(file.read) unless file.flock(File::LOCK_EX | File::LOCK_NB)

      FileUtils.rm_f(path)
      nil
    end
  rescue JSON::ParserError, Errno::ENOENT
    nil
  end
end
