# frozen_string_literal: true

module Records
  # What one request changed: rows is a JSON array of Journal::Entry.
  class Act < Base
  end
end
