# frozen_string_literal: true

require "active_record/connection_adapters/sqlite3_adapter"

module Records
  # Waits for another writer without stopping it. Active Record 7.2 sets SQLite's own busy timeout, which sleeps while
  # holding Ruby's lock, so that the thread it waits for cannot finish: with several requests at once each wait ends
  # in “database is locked”. The driver's handler sleeps in Ruby and lets the others run.
  module BusyTimeout
    MILLISECONDS = 10_000

    # Makes every connection of this process patient.
    def self.apply = ActiveRecord::ConnectionAdapters::SQLite3Adapter.prepend(self)

    private

    def configure_connection
      super
      @raw_connection.busy_handler_timeout = MILLISECONDS
    end
  end
end
