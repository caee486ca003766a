# frozen_string_literal: true

source "https://rubygems.org"

gem "kohlrabi-core", path: "core"

gem "activerecord", "~> 7.2.0"
gem "alba", "~> 3.5"
gem "bcrypt", "~> 3.1"
gem "bootsnap", "~> 1.18", require: false
gem "committee", "~> 5.5"
gem "icalendar", "~> 2.10"
gem "image_processing", "~> 1.14"
gem "marcel", "~> 1.0"
gem "nokogiri", "~> 1.18"
gem "prawn", "~> 2.5"
gem "puma", "~> 6.5"
gem "rack-protection", "~> 4.1"
gem "roo", "~> 2.10"
gem "rqrcode", "~> 3.1"
gem "ruby-vips", "~> 2.2"
gem "rubyzip", "~> 2.4", require: "zip"
gem "sinatra", "~> 4.1"
gem "sqlite3", "~> 2.4"
gem "thor", "~> 1.3"
gem "tzinfo-data", "~> 1.2025"
gem "zeitwerk", "~> 2.6"

group :test do
  gem "axe-core-rspec", "~> 4.10"
  gem "capybara", "~> 3.40"
  gem "parallel_tests", "~> 4.7"
  gem "pdf-reader", "~> 2.13"
  gem "rack-test", "~> 2.1"
  gem "rspec", "~> 3.13"
  gem "rubocop", "~> 1.70", require: false
  gem "rubocop-performance", "~> 1.23", require: false
  gem "rubocop-rspec", "~> 3.4", require: false
  gem "ruby-units", "~> 4.0"
  gem "selenium-webdriver", "~> 4.30.0"
end
