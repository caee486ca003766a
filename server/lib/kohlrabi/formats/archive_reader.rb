# frozen_string_literal: true

module Kohlrabi
  module Formats
    # Reads an archive and checks all of it before anything is taken: format, version, shape of the database, every table and photo by its
    # fingerprint. Raises Core::Refusal with what is wrong.
    class ArchiveReader
      PHOTO = %r{\A\h{2}/\h{64}(-small)?\.jpg\z}

      # file: path; schema: shape of the database that it is read into; tables: names of its tables.
      def initialize(file, schema:, tables:)
        @schema = schema
        @tables = tables
        @zip = Zip::File.open(file)
        @manifest = manifest
        check
      rescue Zip::Error, JSON::ParserError, Errno::EINVAL, Zlib::Error
        refuse("This is no archive of a workshop, or it is damaged.", "Choose a file that backup wrote.")
      end

      # Array of Hash of a table's rows.
      def rows(table) = text("tables/#{table}.jsonl").each_line.map { |line| JSON.parse(line) }

      # {name: bytes} of each photo, one by one.
      def each_photo = @manifest["photos"].each_key { |name| yield name, @zip.read("photos/#{name}") }

      private

      def manifest
        entry = @zip.find_entry("manifest.json") or refuse("This is no archive of a workshop: it has no manifest.",
                                                           "Choose a file that backup wrote.")
        JSON.parse(entry.get_input_stream.read)
      end

      def check
        refuse("This is an archive of something else.", "Choose a file that backup wrote.") unless @manifest["format"] == Archive::FORMAT
        refuse("It was written by a later version of this program.", "Bring the program up to date first.") if later?
        refuse("It was written by an earlier version of this program.", "Restore it there, bring that up to date, and back it up anew.") if earlier?
        refuse("It lacks some of the workshop's tables.", "Choose a whole archive.") unless @manifest["tables"].keys.sort == @tables.sort
        @manifest["tables"].each { |name, part| check_table(name, part) }
        @manifest["photos"].each { |name, sha| check_photo(name, sha) }
      end

      def later? = @manifest["version"] > Archive::VERSION || @manifest["schema"].to_i > @schema.to_i
      def earlier? = @manifest["schema"].to_i < @schema.to_i

      def check_table(name, part)
        body = text("tables/#{name}.jsonl")
        sound = Digest::SHA256.hexdigest(body) == part["sha256"] && body.each_line.count == part["rows"]
        refuse("The table #{name} is damaged.", "Choose another archive.") unless sound
      end

      def check_photo(name, sha)
        refuse("A photo has a name that cannot be.", "Choose a file that backup wrote.") unless name.match?(PHOTO)
        sound = @zip.find_entry("photos/#{name}") && Digest::SHA256.hexdigest(@zip.read("photos/#{name}")) == sha
        refuse("The photo #{name} is damaged.", "Choose another archive.") unless sound
      end

      def text(name)
        entry = @zip.find_entry(name) or refuse("#{name} is missing from it.", "Choose a whole archive.")
        entry.get_input_stream.read.force_encoding(Encoding::UTF_8)
      end

      def refuse(problem, remedy) = raise(Core::Refusal.new(problem, remedy, field: :file))
    end
  end
end
