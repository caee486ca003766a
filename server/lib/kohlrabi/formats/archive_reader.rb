# frozen_string_literal: true

module Kohlrabi
  module Formats
    # Reads an archive and checks all of it before anything is taken: format, version, every table and photo by its fingerprint,
    # and that photos are pictures. Raises Core::Refusal with what is wrong, whatever the file is.
    class ArchiveReader
      PHOTO = %r{\A\h{2}/\h{64}(-small)?\.jpg\z}
      MAX_TABLE = 500_000_000 # bytes unpacked; ten thousand flips take a tenth of that
      NO_ARCHIVE = "This is no archive of a workshop, or it is damaged."
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
        refuse("It lacks some of the workshop's tables.", "Choose a whole archive.") unless @manifest["tables"].keys.sort == names.sort
      end

      # Array of Hash of a table's rows.
      def rows(table)
        guarded do
          text("tables/#{table}.jsonl").each_line.map { |line| object(JSON.parse(line), "a line of the table #{table}") }
        end
      end

      # {name: bytes} of each photo, one by one.
      def each_photo = @manifest["photos"].each_key { |name| yield name, read("photos/#{name}", Pictures::MOST) }

      private

      # Whatever a file does to the libraries that read it (rubyzip itself trips over some) is the file's fault, not the program's.
      def guarded
        yield
      rescue Core::Refusal
        raise
      rescue StandardError => e
        raise if Storage.trouble(e)

        refuse(NO_ARCHIVE, "Choose a file that backup wrote.")
      end

      def manifest
        @zip.find_entry("manifest.json") or refuse("This is no archive of a workshop: it has no manifest.", "Choose a file that backup wrote.")
        object(JSON.parse(text("manifest.json")), "the manifest")
      end

      def check
        refuse("This is an archive of something else.", "Choose a file that backup wrote.") unless @manifest["format"] == Archive::FORMAT
        shape
        refuse("It was written by a later version of this program.", "Bring the program up to date first.") if later?
        @manifest["tables"].each { |name, part| check_table(name, part) }
        @manifest["photos"].each { |name, sha| check_photo(name, sha) }
      end

      # What the manifest says is of the kind that it should be.
      def shape
        sound = @manifest["version"].is_a?(Integer) && @manifest["schema"].to_s.match?(/\A\d{1,20}\z/) &&
                @manifest["tables"].is_a?(Hash) && @manifest["tables"].each_value.all?(Hash) &&
                @manifest["photos"].is_a?(Hash) && @manifest["photos"].each_value.all?(String)
        refuse("Its manifest is damaged.", "Choose another archive.") unless sound
      end

      def later? = @manifest["version"] > Archive::VERSION || schema > @latest

      def check_table(name, part)
        body = text("tables/#{name}.jsonl")
        sound = Digest::SHA256.hexdigest(body) == part["sha256"] && body.each_line.count == part["rows"]
        refuse("The table #{clip(name)} is damaged.", "Choose another archive.") unless sound
      end

      def check_photo(name, sha)
        refuse("A photo has a name that cannot be.", "Choose a file that backup wrote.") unless name.match?(PHOTO)
        bytes = read("photos/#{name}", Pictures::MOST)
        refuse("The photo #{name} is damaged.", "Choose another archive.") unless Digest::SHA256.hexdigest(bytes) == sha
        refuse("The photo #{name} is no picture.", "Choose another archive.") unless Pictures.picture?(bytes)
      end

      def text(name) = read(name, MAX_TABLE).force_encoding(Encoding::UTF_8)

      # Bytes of an entry, never more than it may have: what a zip says of its sizes need not be true.
      def read(name, most)
        entry = @zip.find_entry(name)
        refuse("#{clip(name)} is missing from it.", "Choose a whole archive.") unless entry&.file?
        bytes = String.new(entry.get_input_stream.read(most + 1).to_s)
        refuse("#{clip(name)} is larger than it can be.", "Choose another archive.") if bytes.bytesize > most
        bytes
      end

      def object(value, what)
        value.is_a?(Hash) ? value : refuse("#{what[0].upcase}#{what[1..]} is damaged.", "Choose another archive.")
      end

      def clip(name) = Core::Units::Numerals.clip(name.to_s.scrub)
      def refuse(problem, remedy) = raise(Core::Refusal.new(problem, remedy, field: :file))
    end
  end
end
