# frozen_string_literal: true

# bin/console: an interactive Ruby on the workshop, its own or the demo's.
require_relative "boot"
require "irb"

# Here, its parts are called by their short names.
database = Folder.database(demo: !ARGV.delete("--demo").nil?)
DataLock.new(File.dirname(database), as: "console").share
Records::Database.open(database)
puts "#{database}: Records, Operations and Core are at hand. What you change is changed."
IRB.start
