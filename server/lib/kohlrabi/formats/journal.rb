# frozen_string_literal: true

module Formats
  # Entries as a plain-text accounting journal: accounts and commodity declared, every entry in balance;
  # docs/formats/journal.md.
  class Journal
    # entries: Array of Core::Books::Entry; currency: Core::Units::Currency; note: Array of lines that stand at the
    # head.
    def initialize(entries, currency:, note: [])
      @entries = entries
      @currency = currency
      @note = note
    end

    def to_s
      [*@note.map { |line| "; #{line}" }, "", "commodity #{sample}", "", *accounts.map do |name|
        "account #{name}"
      end, "", *@entries.map do |entry|
                 entry(entry)
               end].join("\n")
    end

    private

    # How amounts of the currency are written: the decimal point always stands, so that it is not taken for a mark of
    # thousands.
    def sample
      @currency.exponent.zero? ? "1000. #{@currency.code}" : "1000.#{'0' * @currency.exponent} #{@currency.code}"
    end

    def accounts = @entries.flat_map { |entry| entry.postings.map(&:first) }.uniq.sort

    def entry(entry)
      note = entry.note ? "  ; #{entry.note}" : ""
      rows = entry.postings.map { |account, minor| format("    %-44s  %s %s", account, Core::Units::MoneyText.plain(minor, @currency), @currency.code) }
      "#{entry.on.iso8601} #{plain(entry.text)}#{note}\n#{rows.join("\n")}\n"
    end

    # A name must not end the line, begin a comment, or be read as a status, a code or a note of its own.
    def plain(text) = text.gsub(/[[:cntrl:]]+/, " ").tr(";|", ",/").squeeze(" ").strip.sub(/\A[*!(=]+\s*/, "")
  end
end
