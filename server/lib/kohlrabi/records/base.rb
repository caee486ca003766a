# frozen_string_literal: true

module Records
  # Base of all records. Records know how things are kept, not what they mean.
  class Base < ActiveRecord::Base
    self.abstract_class = true

    after_create { Journal.note("created", self, attributes.transform_values { |value| [nil, value] }) }
    after_update { Journal.note("changed", self, saved_changes) if saved_changes? }
    after_destroy { Journal.note("destroyed", self, attribute_names.to_h { |name| [name, [attribute_in_database(name), nil]] }) }

    # Sets a table name after the class without the module.
    def self.compute_table_name = name.demodulize.underscore.pluralize

    # Fills associations of records that are there already. associations: as `preload` takes them. Returns the records.
    def self.preload_all(records, associations)
      ActiveRecord::Associations::Preloader.new(records: records, associations: associations).call
      records
    end

    # Columns of a relation as SQLite has them: a date is text. columns: names of its own, or SQL. Array of Arrays.
    def self.rows(relation, *columns)
      columns = columns.map { |column| column.is_a?(Symbol) ? column : Arel.sql(column) }
      connection.select_rows(relation.select(*columns).to_sql)
    end

    # Writes past validations, but not past the journal.
    def update_columns(values)
      before = values.to_h { |name, _| [name.to_s, attribute_in_database(name.to_s)] }
      super.tap { Journal.note("changed", self, before.to_h { |name, value| [name, [value, self[name]]] }) }
    end
  end
end
