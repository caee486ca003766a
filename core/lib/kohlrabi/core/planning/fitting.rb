# frozen_string_literal: true

module Core
  module Planning
    # Fittings of one kind on a piece: hinges, shelf pins, knobs, locks, catches, castors. number: how many there shall
    # be; treatment: of TREATMENTS; missing: how many of them are not there.
    Fitting = Struct.new(:kind, :number, :treatment, :missing, keyword_init: true)

    # What is done about them, by data/planning/fittings.yml.
    class Fitting
      ROWS = Core.table("planning/fittings").to_h { |row| [row[:key], row] }.freeze
      LABELS = ROWS.transform_values { |row| row[:label] }.freeze
      TREATMENTS = { "kept" => "kept", "cleaned" => "cleaned", "sprayed" => "cleaned and sprayed", "replaced" => "replaced",
                     "removed" => "taken off for good" }.freeze
      MAX_NUMBER = 200

      def row = ROWS.fetch(kind)
      def label = row[:label].downcase
      def there = number - missing.to_i
      def stays? = treatment != "removed"
    end
  end
end
