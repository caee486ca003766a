# frozen_string_literal: true

require_relative "../server_helper"

# A copy of the demo as it was laid out, open in the process of the specs, for all examples of a group.
RSpec.shared_context "with the records of the demo" do
  before(:context) do
    @was = Records::Database.file
    @folder = File.join(Dir.mktmpdir("kohlrabi-demo"), "home")
    Templates.copy(Templates.demo, @folder)
    Records::Database.open(File.join(@folder, "workshop.sqlite3"))
  end

  after(:context) do
    Records::Database.open(@was)
    Records::Base.connection.execute("PRAGMA synchronous = OFF")
    FileUtils.rm_rf(File.dirname(@folder))
  end
end
