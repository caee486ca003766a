# frozen_string_literal: true

module Records
  # Thousands of rows into one table by one prepared statement, within the transaction that is open. The constraints
  # of the database hold; validations and callbacks are the caller's business, as with insert_all, which spends most
  # of its time in turning values into text.
  module Bulk
    extend self

    # columns: names; rows: Array of Arrays of Integer, Float, String, Date, true, false or nil. Stamps each row
    # with `now`. Returns the ids, in the order of the rows.
    def insert(model, columns, rows, now: Clock.now)
      return [] if rows.empty?

      stamp = now.utc.strftime("%Y-%m-%d %H:%M:%S.%6N")
      names = [*columns, :created_at, :updated_at]
      connection = Base.connection
      marks = (["?"] * names.size).join(", ")
      database = connection.raw_connection
      statement = database.prepare("INSERT INTO #{model.quoted_table_name} (#{names.join(', ')}) VALUES (#{marks})")
      rows.map do |row|
        write(database, statement, [*row.map do |value|
          plain(value)
        end, stamp, stamp])
      end.tap { connection.clear_query_cache }
    ensure
      statement&.close
    end

    private

    def write(database, statement, values)
      statement.execute(values)
      database.last_insert_row_id
    end

    def plain(value)
      case value
      when Date then value.iso8601
      when true then 1
      when false then 0
      else value
      end
    end
  end
end
