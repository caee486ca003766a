# frozen_string_literal: true

require "kohlrabi/core"
require_relative "support_plans"

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.order = :random
  config.expect_with(:rspec) { |expectations| expectations.syntax = :expect }
end

# A date of the year 2026 or another, shorter to read in tables.
def day(text) = Date.iso8601(text)
