# frozen_string_literal: true

module Core
  module Scout
    # A height against its use, from data/scout/use_heights.yml.
    module Heights
      ROWS = Core.table("scout/use_heights").to_h { |row| [row[:key], row] }.freeze
      # off: mm too low (negative) or too high (positive), 0 within; range: [low, high] mm.
      Answer = Struct.new(:label, :off, :range, :why, keyword_init: true)

      extend self

      # country: two letters or nil.
      def choices(country) = ROWS.map { |key, row| [key, label(row, country)] }

      # use: key; height: mm. nil for a use that is not in the table or a height that is not known.
      def check(use, height, country: nil)
        row = ROWS[use]
        return unless row && height

        off = height < row[:low] ? height - row[:low] : [height - row[:high], 0].max
        Answer.new(label: label(row, country), off: off, range: [row[:low], row[:high]], why: row[:why]).freeze
      end

      private

      def label(row, country) = (row[:us] if country == "US") || row[:label]
    end
  end
end
