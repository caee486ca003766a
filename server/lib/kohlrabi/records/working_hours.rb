# frozen_string_literal: true

module Records
  # Hours of a person: of a weekday, or of one date, which goes before it. Without times nobody works then.
  class WorkingHours < Base
    self.table_name = "working_hours"

    belongs_to :person
  end
end
