# frozen_string_literal: true

module Formats
  # The bar on a template by which one checks what the printer made of it, in the workshop's own measure.
  CheckBar = Struct.new(:run, :label) do
    # run: mm; unit: "mm" or "in".
    def self.of(unit) = unit == "in" ? new(101.6, "4 in") : new(100.0, "100 mm")

    def words = "#{label}: measure this bar before you use the template"
  end
end
