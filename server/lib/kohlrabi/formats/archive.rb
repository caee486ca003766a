# frozen_string_literal: true

require "digest"
require "json"
require "zip"

module Formats
  # The whole workshop as one zip: a manifest, a JSON Schema of each table, its rows as JSON lines, and the photos
  # (docs/formats/archive.md).
  module Archive
    FORMAT = "kohlrabi archive"
    VERSION = 1
    # What belongs to this installation, not to the workshop: shapes of the database, keys of requests, who was let in.
    OUT = %w[schema_migrations ar_internal_metadata idempotency_keys passcodes passcode_tries sessions].freeze
    AT_ONCE = 2000 # lines that are written together
    MAX_PAIRS = 60 # names and values that one function of the database takes
    TYPES = { "integer" => "integer", "bigint" => "integer", "float" => "number", "boolean" => "integer" }.freeze

    # Writes one. database: SQLite3::Database, results as Hash; photos: folder.
    class Writer
      def initialize(database, photos)
        @database = database
        @photos = photos
      end

      # file: path that must not exist. The block gets the number done and of all.
      def write(file, made_at:, &progress)
        tables = Archive.tables(@database)
        pictures = Dir[File.join(@photos, "**/*.jpg")]
        Zip::File.open(file, create: true, compression_level: Zlib::BEST_SPEED) do |zip|
          parts = tables.each_with_index.to_h do |table, done|
            progress&.call(done + 1, tables.size + pictures.size)
            [table, put(zip, table)]
          end
          photos = pictures.each_with_index.to_h do |path, done|
            progress&.call(tables.size + done + 1, tables.size + pictures.size)
            add_photo(zip, path)
          end
          manifest = { format: FORMAT, version: VERSION, schema: Archive.schema(@database), made_at: made_at,
                       tables: parts, photos: photos }
          zip.get_output_stream("manifest.json") { |out| out.write(JSON.pretty_generate(manifest)) }
        end
      end

      private

      # A table of hundreds of thousands of rows is written as it is read.
      def put(zip, table)
        digest = Digest::SHA256.new
        rows = 0
        zip.get_output_stream("tables/#{table}.jsonl") do |out|
          lines(table) do |some|
            rows += some.size
            text = some.join
            digest << text
            out.write(text)
          end
        end
        zip.get_output_stream("schemas/#{table}.json") { |out| out.write(JSON.pretty_generate(json_schema(table))) }
        { rows: rows, sha256: digest.hexdigest }
      end

      # Yields the rows of a table as lines of JSON, some at a time.
      def lines(table, &)
        columns = @database.execute("PRAGMA table_info(#{table})")
        return some_of("SELECT * FROM #{table} ORDER BY rowid", &) unless plain?(columns)

        pairs = columns.flat_map { |column| ["'#{column['name']}'", %("#{column['name']}")] }
        some_of("SELECT json_object(#{pairs.join(', ')}) FROM #{table} ORDER BY rowid", written: true, &)
      end

      # Whether the database may write a table's JSON itself, at a tenth of the time: not where it would round a number.
      def plain?(columns)
        exact = /\A(integer|bigint|varchar|text|boolean|date|datetime)/
        columns.size <= MAX_PAIRS && columns.all? { |column| column["type"].downcase.match?(exact) }
      end

      # written: whether each row is its line of JSON already.
      def some_of(sql, written: false)
        @database.prepare(sql) do |statement|
          names = statement.columns
          taken = []
          while (row = statement.step)
            taken << (written ? "#{row.first}\n" : "#{JSON.generate(names.zip(row).to_h)}\n")
            yield taken.slice!(0..) if taken.size == AT_ONCE
          end
          yield taken if taken.any?
        end
      end

      # JSON Schema (2020-12) of one line of a table.
      def json_schema(table)
        columns = @database.execute("PRAGMA table_info(#{table})")
        properties = columns.to_h do |column|
          type = TYPES.find { |name, _| column["type"].downcase.start_with?(name) }&.last || "string"
          [column["name"], { type: column["notnull"] == 1 ? type : [type, "null"] }]
        end
        { "$schema" => "https://json-schema.org/draft/2020-12/schema", title: table, type: "object", additionalProperties: false,
          required: properties.keys, properties: properties }
      end

      def add_photo(zip, path)
        name = path.delete_prefix("#{@photos}/")
        zip.add("photos/#{name}", path)
        [name, Digest::SHA256.file(path).hexdigest]
      end
    end

    extend self

    # Names of the tables that an archive holds.
    def tables(database)
      rows = database.execute("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name")
      rows.map { |row| row["name"] } - OUT
    end

    # The latest shape of the database, as its number.
    def schema(database) = database.get_first_value("SELECT MAX(version) FROM schema_migrations").to_s
  end
end
