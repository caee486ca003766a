# frozen_string_literal: true

module Records
  # Work by one person, of one kind, on one piece or several together. worked_on may be unknown (imports).
  class WorkEntry < Base
    include Removable

    # Costs of what was taken from the shelf when its timer stopped; told once and not kept here.
    attr_accessor :taken

    belongs_to :person
    belongs_to :trip, optional: true
    has_many :shares, -> { order(:id) }, class_name: "Records::WorkShare", inverse_of: :work_entry
  end
end
