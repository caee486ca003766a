# frozen_string_literal: true

# Loads the three Ruby parts of the server and the core. Nothing is started and no database is opened here.
ENV["VIPS_WARNING"] ||= "1" # whoever sent a damaged photo hears of it, not to the terminal
# What was compiled once is kept in the clone, so that each further start takes half as long. Where nothing may be
# written, nothing is kept.
cache = File.expand_path("../tmp/cache", __dir__)
if File.writable?(File.dirname(cache, 2))
  require "bootsnap"
  Bootsnap.setup(cache_dir: cache, development_mode: false, load_path_cache: true, compile_cache_iseq: true,
                 compile_cache_yaml: true)
end
require "active_record"
require "alba"
require "json"
require "nokogiri" # before libvips, which brings an older libxml of the system along
require "kohlrabi/core"
require "sqlite3"
require "zeitwerk"
require "zip"

# The application: core (rules), records (what is kept), operations (use cases), formats (files in and out), api (HTTP).
ROOT = File.expand_path("..", __dir__)

loader = Zeitwerk::Loader.new
loader.tag = "kohlrabi-server"
loader.push_dir(File.join(__dir__, "lib/kohlrabi"))
loader.inflector.inflect("flips_csv" => "FlipsCsv")
# Files of several classes, which records.rb and api/serializers.rb require.
areas = Dir[File.join(__dir__, "lib/kohlrabi/api/serializers/*/")].reject { |folder| folder.end_with?("/support/") }
loader.ignore(File.join(__dir__, "lib/kohlrabi/records/tables"), *areas)
loader.setup
Clock # reads its environment before the server names one of its own
