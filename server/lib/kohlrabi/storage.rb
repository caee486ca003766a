# frozen_string_literal: true

require "tempfile"

# What is wrong with the disk or folder that data is kept on, in words and with what to do, whatever layer it came
# through.
module Storage
  # text: sentence; remedy: what to do.
  Trouble = Struct.new(:text, :remedy) do
    def to_s = "#{text} #{remedy}"
  end

  FULL = Trouble.new("The disk is full, so nothing was saved.",
                     "Free some space on the disk with the workshop's data, then try again.").freeze
  READ_ONLY = Trouble.new("The data folder can't be written, so nothing was saved.",
                          "Make the folder and its files writable for this user, then try again.").freeze
  FAILING = Trouble.new("The disk isn't answering properly, so nothing was saved.",
                        "Check the disk, and put a backup on another one before you go on.").freeze
  DAMAGED = Trouble.new("The workshop's database is damaged.",
                        "Stop the server and start it again. It lists the backups you can restore.").freeze
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
