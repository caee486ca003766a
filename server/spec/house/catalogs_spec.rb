# frozen_string_literal: true

require_relative "../../boot"
require "json"

# The interface's words: each key that a screen asks for is in its catalog (the compiler sees to that), and each key
# of a catalog is asked for.
RSpec.describe "the interface's catalogs" do
  locales = File.join(ROOT, "web/src/locales")
  code = Dir[File.join(ROOT, "web/src/**/*.{ts,tsx}")].reject { |path| path.start_with?(locales) }.map { |path| File.read(path) }

  Dir[File.join(locales, "en-US/*.json")].each do |path|
    area = File.basename(path, ".json")

    it "has no word that no screen shows: #{area}" do
      used = code.grep(%r{locales/#{area}"}).flat_map { |text| text.scan(/\bt\(\s*"([\w.]+)"/) }.flatten
      keys = JSON.parse(File.read(path)).flat_map do |group, words|
        words.keys.map { |key| "#{group}.#{key.sub(/_(one|other)\z/, '')}" }
      end
      expect(keys - used).to eq([])
    end
  end

  it "says in British English only what it says in American, too" do
    Dir[File.join(locales, "en-GB/*.json")].each do |path|
      base = JSON.parse(File.read(path.sub("en-GB", "en-US")))
      JSON.parse(File.read(path)).each { |group, words| expect(base.fetch(group).keys).to include(*words.keys) }
    end
  end
end
