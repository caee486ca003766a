# frozen_string_literal: true

module Formats
  # Reads an archive and checks all of it before anything is taken: format, version, every table and photo by its
  # fingerprint, and that photos are pictures. Raises Core::Refusal with what is wrong, whatever the file is.
  class ArchiveReader
    PHOTO = %r{\A\h{2}/\h{64}(-small)?\.jpg\z}
    MAX_TABLE = 500_000_000 # bytes unpacked; ten thousand flips take a tenth of that
    MAX_LINE = 4_000_000 # bytes of one row
    MAX_MANIFEST = 50_000_000 # bytes; a photo takes a hundred
    CHUNK = 1_000_000 # bytes read at once
    NO_ARCHIVE = "This isn't a workshop backup, or it's damaged."
    # file: path; latest: the latest shape of the database that this program knows.
    def initialize(file, latest:)
      @latest = latest
      guarded do
        @zip = Zip::File.open(file)
        @manifest = manifest
        check
      end
    end

    # The shape of the database that it was written from.
    def schema = @manifest["schema"].to_i

    # Raises Core::Refusal unless it holds just these tables. names: of the shape it was written from.
    def check_tables(names)
      refuse(:archive_lacks_tables) unless @manifest["tables"].keys.sort == names.sort
    end

    # Yields each row of a table as a Hash, as the file is read.
    def rows(table)
      stream("tables/#{table}.jsonl") do |stream|
        while (line = guarded { stream.gets("\n") })
          yield guarded { object(JSON.parse(line.force_encoding(Encoding::UTF_8)), "a line of the table #{table}") }
        end
      end
    end

    # {name: bytes} of each photo, one by one.
    def each_photo = @manifest["photos"].each_key { |name| yield name, read("photos/#{name}", Pictures::MAX_BYTES) }

    private

    # Whatever a file does to the libraries that read it (rubyzip itself trips over some) is the file's fault, not the
    # program's.
    def guarded
      yield
    rescue Core::Refusal
      raise
    rescue StandardError => e
      raise if Storage.trouble(e)

      refuse(:no_archive)
    end

    def manifest
      @zip.find_entry("manifest.json") or refuse(:archive_without_manifest)
      object(JSON.parse(text("manifest.json")), "the manifest")
    end

    def check
      refuse(:archive_of_something_else) unless @manifest["format"] == Archive::FORMAT
      shape
      refuse(:archive_of_later_version) if later?
      @manifest["tables"].each { |name, part| check_table(name, part) }
      @manifest["photos"].each { |name, sha| check_photo(name, sha) }
    end

    # What the manifest says is of the kind that it should be.
    def shape
      sound = @manifest["version"].is_a?(Integer) && @manifest["schema"].to_s.match?(/\A\d{1,20}\z/) &&
              @manifest["tables"].is_a?(Hash) && @manifest["tables"].each_value.all?(Hash) &&
              @manifest["photos"].is_a?(Hash) && @manifest["photos"].each_value.all?(String)
      refuse(:manifest_damaged) unless sound
    end

    def later? = @manifest["version"] > Archive::VERSION || schema > @latest

    # Read by the chunk, and no further than it may be: rows that the manifest doesn't know of, a line that never ends.
    def check_table(name, part)
      digest = Digest::SHA256.new
      rows = bytes = line = 0
      stream("tables/#{name}.jsonl") do |stream|
        while (chunk = stream.read(CHUNK)) && !chunk.empty?
          digest << chunk
          rows += chunk.count("\n")
          line = (last = chunk.rindex("\n")) ? chunk.bytesize - last - 1 : line + chunk.bytesize
          refuse(:table_damaged, given: name) if rows > part["rows"].to_i || line > MAX_LINE
          refuse(:entry_too_large, given: "tables/#{name}.jsonl") if (bytes += chunk.bytesize) > MAX_TABLE
        end
      end
      refuse(:table_damaged, given: name) unless digest.hexdigest == part["sha256"] && rows == part["rows"]
    end

    def check_photo(name, sha)
      refuse(:photo_name_impossible) unless name.match?(PHOTO)
      bytes = read("photos/#{name}", Pictures::MAX_BYTES)
      refuse(:photo_damaged, name: name) unless Digest::SHA256.hexdigest(bytes) == sha
      refuse(:photo_no_picture, name: name) unless Pictures.picture?(bytes)
    end

    def text(name) = read(name, MAX_MANIFEST).force_encoding(Encoding::UTF_8)

    def stream(name, &)
      entry = @zip.find_entry(name)
      refuse(:missing_in_archive, given: name) unless entry&.file?
      entry.get_input_stream(&)
    end

    # Bytes of an entry, never more than it may have: what a zip says of its sizes need not be true.
    def read(name, most)
      entry = @zip.find_entry(name)
      refuse(:missing_in_archive, given: name) unless entry&.file?
      bytes = String.new(entry.get_input_stream.read(most + 1).to_s)
      refuse(:entry_too_large, given: name) if bytes.bytesize > most
      bytes
    end

    def object(value, what)
      value.is_a?(Hash) ? value : refuse(:entry_damaged, what: "#{what[0].upcase}#{what[1..]}")
    end

    def clip(name) = Core::Units::Numerals.clip(name.to_s.scrub)
    def refuse(code, **params) = raise(Core::Refusal.new(code, field: :file, **params))
  end
end
