# frozen_string_literal: true

module Kohlrabi
  module Records
    # A line of a piece's diary that no other record holds: what a change did to its figures.
    class DiaryEntry < Base
      belongs_to :piece
    end
  end
end
