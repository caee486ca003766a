# frozen_string_literal: true

module Records
  # Notes every row that is created, changed or destroyed through Active Record while it is open in a thread, with its
  # values before and after, so that one request can be undone by one (Operations::Support::Acts). Bulk writes go past
  # it.
  module Journal
    KEY = :kohlrabi_journal
    private_constant :KEY

    # One row's change. model: name within Records; before, after: {column => plain value}, before nil of a created row,
    # after of a destroyed one.
    Entry = Struct.new(:change, :model, :id, :before, :after, keyword_init: true)

    extend self

    # Runs the block. Returns [its value, Array of Entry in the order of the changes].
    def open
      outer = Thread.current[KEY]
      entries = Thread.current[KEY] = []
      [yield, entries]
    ensure
      Thread.current[KEY] = outer
    end

    # changes: {column => [before, after]}.
    def note(change, record, changes)
      entries = Thread.current[KEY] or return
      before, after = [0, 1].map { |side| changes.to_h { |name, pair| [name, plain(record.class, name, pair[side])] } }
      entries << Entry.new(change: change, model: record.class.name.demodulize, id: record.id,
                           before: (before unless change == "created"), after: (after unless change == "destroyed"))
    end

    # A value as JSON can hold it; Model.type_for_attribute(name).cast reads it again.
    def plain(model, name, value)
      stored = model.type_for_attribute(name).serialize(value)
      stored.respond_to?(:usec) ? stored.utc.iso8601(6) : stored.as_json
    end
  end
end
