# frozen_string_literal: true

module Records
  # A line of a piece's diary that no other record holds: what a change did to its figures, or what somebody noted.
  class DiaryEntry < Base
    include Removable

    belongs_to :piece
  end
end
