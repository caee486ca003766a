# frozen_string_literal: true

module Formats
  # Text that a spreadsheet program would take for a formula, and work out, is written with an apostrophe before it, and
  # read without it. Numbers are never touched (OWASP's advice on CSV injection, from memory).
  module FormulaGuard
    # The full-width ones too: some programs read them as the plain signs.
    SIGNS = "=+\\-@\\t\\r＝＋－＠"
    FORMULA = /\A'*[#{SIGNS}]/
    GUARDED = /\A'+[#{SIGNS}]/

    extend self

    def write(text) = text.to_s.match?(FORMULA) ? "'#{text}" : text
    def read(text) = text.to_s.match?(GUARDED) ? text[1..] : text
  end
end
