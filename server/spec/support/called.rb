# frozen_string_literal: true

# Says which operations of the contract no spec has called, and fails if there are any. Each call was held against the
# contract.
# Usage: ruby called.rb FILE  (a line for each call: method and path; bin/test gathers them over its lanes)
require "json"

called = File.readlines(ARGV.fetch(0), chomp: true).uniq.map(&:split)
paths = JSON.parse(File.read(File.expand_path("../../../tmp/contract.json", __dir__))).fetch("paths")
missing = paths.flat_map do |path, operations|
  pattern = /\A#{path.gsub(/\{\w+\}/, '[^/]+')}\z/
  (operations.keys - ["parameters"]).reject do |verb|
    called.any? do |method, one|
      method == verb && pattern.match?(one)
    end
  end
    .map { |verb| "#{verb.upcase} #{path}" }
end
abort "Never called by a spec:\n#{missing.join("\n")}" if missing.any?
warn "Every operation of the contract was called (#{paths.sum { |_, operations| operations.size }})."
