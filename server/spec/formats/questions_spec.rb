# frozen_string_literal: true

require_relative "format_helper"

RSpec.describe Formats::Questions do
  def ask(columns, *rows, decimal: :point, dates: :iso)
    cells = rows.map { |row| Formats::CsvRows::Row.new(number: 2, cells: row) }
    described_class.new(columns, cells, decimal: decimal, dates: dates).list.map do |question|
      [question[:key], question[:choices]]
    end
  end

  {
    "nothing of a plain file" => [[%w[name bought_on purchase], %w[A 2026-05-03 12.50]], []],
    "about a decimal comma in money or hours" => [[%w[name hours], ["A", "1,5"]], [["decimal", ["comma"]]]],
    "nothing about commas elsewhere" => [[%w[name notes], ["A", "1,5"]], []],
    "about both orders of a date" => [[%w[name sold_on], %w[A 3/4/2026]], [["dates", %w[dmy mdy]]]],
    "only about the order that can be" => [[%w[name sold_on], %w[A 3/4/2026], %w[B 28.4.2026]], [["dates", %w[dmy]]]],
    "nothing about dates that no order makes good" => [[%w[name sold_on], %w[A 28/28/2026]], []]
  }.each do |what, ((columns, *rows), questions)|
    it("asks #{what}") { expect(ask(columns, *rows)).to eq(questions) }
  end

  it "asks no more once it was answered" do
    expect(ask(%w[name purchase bought_on], ["A", "1,50", "3.4.2026"], decimal: :comma, dates: :dmy)).to eq([])
  end
end
