# frozen_string_literal: true

module Records
  # Looks at a database file before it is opened for work: whether it is one, whole, of this program's shape or an
  # earlier one. A file that is missing or empty is a new workshop only where nothing speaks of an older one.
  class Soundness
    # file: path; begin_anew: take an empty one for new all the same; known: versions of the migrations there are.
    def initialize(file, known:, begin_anew: false)
      @file = file
      @known = known
      @begin_anew = begin_anew
    end

    # Raises Unusable.
    def check!
      return check_new unless File.size?(@file)

      found = read
      if later?(found)
        unusable("was written by a later version of Kohlrabi",
                 "Bring this program up to date, then start it again.")
      end
      check_new if found[:tables].empty?
    end

    # Version of the file's shape; 0 for an empty one. Raises Unusable.
    def version = read[:versions].max || 0

    private

    # {tables: names, versions: of the migrations it has seen}.
    def read
      data = SQLite3::Database.new(@file)
      data.busy_handler_timeout = BusyTimeout::MILLISECONDS
      wrong = data.execute("PRAGMA quick_check(1)").flatten - ["ok"]
      damaged(wrong.first) if wrong.any?
      tables = data.execute("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'").flatten
      versions = tables.include?("schema_migrations") ? data.execute("SELECT version FROM schema_migrations").flatten : []
      { tables: tables, versions: versions.map(&:to_i) }
    rescue SQLite3::CorruptException, SQLite3::NotADatabaseException, SQLite3::IOException => e
      full if e.is_a?(SQLite3::IOException) && Storage.full?(File.dirname(@file))
      damaged(e.message.lines.first.chomp.delete_suffix(":"))
    ensure
      data&.close
    end

    def later?(found) = found[:versions].any? { |version| version > @known.max }

    # An empty place is a first start, unless copies or photos lie beside it.
    def check_new
      return if @begin_anew || (Copies.all(@file).empty? && Dir[File.join(File.dirname(@file),
                                                                          "photos/**/*.jpg")].empty?)

      raise Unusable, ["There was a workshop here, but its database is missing or empty: #{@file}", *Copies.lines(@file),
                       "To begin a new workshop all the same: bin/kohlrabi serve --begin-anew"].join("\n")
    end

    def full
      raise Unusable, "The disk is full, and the database needs room beside it even to be read: #{@file}\n" \
                      "Make room on that disk, then start again. What is recorded is not touched; bin/kohlrabi doctor looks at a copy."
    end

    def damaged(why) = unusable("is damaged (#{why})", nil)

    def unusable(what, remedy)
      raise Unusable, ["The workshop's database #{what}: #{@file}", remedy || Copies.lines(@file)].flatten.join("\n")
    end
  end
end
