# frozen_string_literal: true

require "json"
require "zlib"

# Weighs the scripts that the first screen loads, compressed, from the manifest of the build.
module FirstScreen
  PUBLIC = File.join(ROOT, "server/public")
  ENTRIES = ["index.html", "src/start.tsx", "src/areas/bench/Today.tsx"].freeze

  extend self

  # Bytes after gzip over the entry, Today, and all that they import at once.
  def script_bytes
    manifest = JSON.parse(File.read(File.join(PUBLIC, ".vite/manifest.json")))
    names = ENTRIES.flat_map { |entry| with_imports(manifest, entry) }.uniq
    names.sum do |name|
      Zlib.gzip(File.binread(File.join(PUBLIC, manifest.fetch(name).fetch("file"))), level: 6).bytesize
    end
  end

  private

  def with_imports(manifest, name)
    [name, *manifest.fetch(name).fetch("imports", []).flat_map { |import| with_imports(manifest, import) }]
  end
end
