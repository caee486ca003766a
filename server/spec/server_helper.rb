# frozen_string_literal: true

ENV["RACK_ENV"] = "test"
require_relative "../boot"
require "bcrypt"
require "tmpdir"
require_relative "support/command_line"
require_relative "support/templates"

BCrypt::Engine.cost = BCrypt::Engine::MIN_COST # a spec of the command line sees the real one

# An empty workshop for each example, and the clock where a spec sets it.
module FreshWorkshop
  KEPT = %w[schema_migrations ar_internal_metadata].freeze

  # In one transaction: each of seventy would wait for the disk.
  def self.clear
    connection = Records::Base.connection
    connection.disable_referential_integrity do
      connection.transaction do
        (connection.tables - KEPT).each { |table| connection.execute("DELETE FROM #{table}") }
      end
    end
    Records::Workshop.begin!("Etc/UTC")
  end

  def at(text)
    Clock.source = -> { Time.iso8601(text) }
  end
end

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.order = :random
  config.include FreshWorkshop

  config.before(:suite) do
    CommandLine.prepare
    folder = Dir.mktmpdir("kohlrabi-spec")
    Templates.copy(Templates.empty, folder)
    Records::Database.open(File.join(folder, "workshop.sqlite3"))
    Records::Base.connection.execute("PRAGMA synchronous = OFF") # nothing here outlives the run
    at_exit { FileUtils.rm_rf(folder) }
  end

  config.before do |example|
    FreshWorkshop.clear unless example.metadata[:own_data]
    at("2026-06-30T12:00:00Z") unless example.metadata[:own_data]
  end
end
