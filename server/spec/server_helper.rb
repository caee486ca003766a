# frozen_string_literal: true

ENV["RACK_ENV"] = "test"
require_relative "../boot"
require "rack/test"
require "tmpdir"

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.order = :random

  config.before(:suite) do
    folder = Dir.mktmpdir("kohlrabi-spec")
    Kohlrabi::Records::Database.open(File.join(folder, "spec.sqlite3"))
    at_exit { FileUtils.rm_rf(folder) }
  end
end
