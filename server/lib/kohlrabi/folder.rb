# frozen_string_literal: true

require "fileutils"

# The folder that holds a workshop's data: KOHLRABI_HOME, else `kohlrabi` in the XDG data folder.
module Folder
  extend self

  # Absolute path; the demo has a folder of its own beside the user's, so that the two never mix.
  def path(demo: false)
    base = ENV["KOHLRABI_HOME"] || File.join(ENV["XDG_DATA_HOME"] || File.join(Dir.home, ".local/share"), "kohlrabi")
    demo ? "#{base}-demo" : base
  end

  # Path of the database file; makes the folder where it is missing.
  def database(demo: false)
    FileUtils.mkdir_p(path(demo: demo), mode: 0o700)
    File.join(path(demo: demo), "workshop.sqlite3")
  end
end
