# frozen_string_literal: true

module Records
  # A drive that carried pieces. What it cost and took stands as one shared cost and one shared stretch of work a
  # person.
  class Trip < Base
    include Removable

    has_one :cost, -> { live }, inverse_of: :trip
    has_many :work_entries, -> { live.order(:id) }, inverse_of: :trip
    validates :what, presence: true

    # The fetching of the first person stands for all: they drove together.
    def pieces = (cost || work_entries.first)&.shares.to_a
  end
end
