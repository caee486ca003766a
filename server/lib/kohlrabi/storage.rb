# frozen_string_literal: true

require "tempfile"

# What is wrong with the disk or folder that data is kept on, in words and with what to do, whatever layer it came
# through.
module Storage
  # text: sentence; remedy: what to do.
  Trouble = Struct.new(:text, :remedy) do
    def to_s = "#{text} #{remedy}"
  end

  FULL = Trouble.new("The disk is full: nothing was recorded.",
                     "Make room on the disk that holds the workshop's data, then do it again.").freeze
  READ_ONLY = Trouble.new("The data folder cannot be written: nothing was recorded.",
                          "Make the folder and its files writable for this user, then do it again.").freeze
  FAILING = Trouble.new("The disk does not answer as it should: nothing was recorded.",
                        "Look after the disk, and keep a backup on another one before going on.").freeze
  DAMAGED = Trouble.new("The workshop's database is damaged.",
                        "End the server and start it again: it says which copies there are to restore.").freeze
  KINDS = {
    FULL => [SQLite3::FullException, Errno::ENOSPC, Errno::EDQUOT],
    READ_ONLY => [SQLite3::ReadOnlyException, SQLite3::CantOpenException, SQLite3::PermissionException,
                  Errno::EROFS, Errno::EACCES, Errno::EPERM],
    FAILING => [SQLite3::IOException, Errno::EIO],
    DAMAGED => [SQLite3::CorruptException, SQLite3::NotADatabaseException]
  }.freeze

  ROOM = 65_536 # bytes; SQLite needs 32 kB beside a database even to read it

  extend self

  # Whether a folder's disk has no room left.
  def full?(folder)
    Tempfile.create("room", folder) { |file| file.write("\0" * ROOM) && file.fsync }
    false
  rescue Errno::ENOSPC, Errno::EDQUOT
    true
  end

  # Trouble that an exception or one of its causes speaks of, or nil.
  def trouble(error)
    while error
      found = KINDS.find { |_, kinds| kinds.any? { |kind| error.is_a?(kind) } }
      return found.first if found

      error = error.cause
    end
  end
end
