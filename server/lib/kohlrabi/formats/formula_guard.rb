# frozen_string_literal: true

module Kohlrabi
  module Formats
    # Text that a spreadsheet program would take for a formula, and work out, is written with an apostrophe before it, and read without it.
    # Numbers are never touched (OWASP's advice on CSV injection, from memory).
    module FormulaGuard
      FORMULA = /\A'*[=+\-@\t\r]/
      GUARDED = /\A'+[=+\-@\t\r]/

      module_function

      def write(text) = text.to_s.match?(FORMULA) ? "'#{text}" : text
      def read(text) = text.to_s.match?(GUARDED) ? text[1..] : text
    end
  end
end
