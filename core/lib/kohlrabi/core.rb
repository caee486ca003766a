# frozen_string_literal: true

require "bigdecimal"
require "date"
require "i18n"
require "yaml"
require "dry-struct"
require "zeitwerk"

# The rules of the job, in pure Ruby: no database, no HTTP, no clock, no files but its own tables.
# It gets the date, the rates and the records, and answers with values that explain themselves.
module Core
  DATA = File.expand_path("../../data", __dir__)

  # One of the core's own tables. name: file name without ending. Returns frozen data. A spec keeps keys from standing
  # twice.
  def self.table(name)
    YAML.safe_load_file(File.join(DATA, "#{name}.yml"), symbolize_names: true, freeze: true)
  end
end

loader = Zeitwerk::Loader.new
loader.tag = "kohlrabi-core"
loader.push_dir(File.join(__dir__, "core"), namespace: Core)
# Files of several classes, which planning/rules.rb and planning/verbs.rb require.
loader.ignore(File.join(__dir__, "core/planning/rules"), File.join(__dir__, "core/planning/verbs"))
loader.setup
