# frozen_string_literal: true

# A database of its own at the shape of an earlier version, beside the usual one, which is open again afterwards.
RSpec.shared_context "with an older database" do
  let(:records) { Records }

  around do |example|
    Dir.mktmpdir do |folder|
      @file = File.join(folder, "workshop.sqlite3")
      usual = ActiveRecord::Base.connection_db_config.database
      example.run
    ensure
      Records::Database.open(usual)
    end
  end

  # version: of the last migration that it has.
  def older(version)
    ActiveRecord::Base.establish_connection(adapter: "sqlite3", database: @file, pragmas: { foreign_keys: true })
    ActiveRecord::Migration.verbose = false
    ActiveRecord::MigrationContext.new(records::Database::MIGRATIONS).up(version)
  end

  # As a start of this version does.
  def brought_up
    records::Base.descendants.each(&:reset_column_information)
    records::Database.open(@file)
  end
end
