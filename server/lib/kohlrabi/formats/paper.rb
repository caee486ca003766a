# frozen_string_literal: true

require "prawn"

module Formats
  # A sheet of A4 with the workshop's type, on which cards and summaries are set.
  class Paper
    FONTS = File.join(ROOT, "server/fonts")
    INK = "1E2A24"
    QUIET = "52605A"
    LEAF = "2F6B3F"
    CLAY = "A8392C"

    attr_reader :document

    def initialize(title)
      @document = Prawn::Document.new(page_size: "A4", margin: 48, info: { Title: title, Creator: "Kohlrabi" })
      @document.font_families.update("Barlow" => { normal: File.join(FONTS, "Barlow-Regular.ttf"),
                                                   bold: File.join(FONTS, "Barlow-SemiBold.ttf") })
      @document.font("Barlow", size: 10)
      @document.fill_color(INK)
    end

    def heading(text, line: nil)
      document.text(text, size: 20, style: :bold)
      quiet(line) if line
      document.move_down(10)
    end

    # A heavy rule with what stands under it.
    def part(title)
      document.move_down(8)
      document.stroke_color(INK)
      document.line_width(1.2)
      document.stroke_horizontal_rule
      document.move_down(5)
      document.text(title, size: 12, style: :bold)
      document.move_down(3)
    end

    def text(text) = document.text(text)
    def quiet(text) = document.text(text, color: QUIET, size: 9)

    # rows: Array of Array of texts; widths: points a column; right: places of columns set to the right. Breaks onto a
    # new page where it must.
    def table(rows, widths:, right: [], head: nil)
      line(head, widths, right, style: :bold) if head
      rows.each { |row| line(row, widths, right) }
    end

    # Bars from a common zero. rows: Array of [label, amount or nil, text].
    def bars(rows, label: 70, room: 300)
      most = rows.filter_map { |_, amount, _| amount&.abs }.max.to_f
      rows.each do |name, amount, text|
        height = space(13)
        document.draw_text(name, at: [0, height - 10], size: 9)
        bar(label, height, amount, most, room) if amount && most.positive?
        document.draw_text(text, at: [label + room + 10, height - 10], size: 9)
        document.move_down(13)
      end
    end

    def to_s = document.render

    private

    def line(cells, widths, right, style: :normal)
      top = space(14)
      left = 0
      cells.zip(widths).each_with_index do |(cell, width), index|
        side = right.include?(index) ? :right : :left
        document.text_box(cell.to_s, at: [left, top], width: width - 6, height: 13, size: 9, style: style, align: side,
                                     overflow: :shrink_to_fit)
        left += width
      end
      document.move_down(14)
    end

    def bar(label, top, amount, most, room)
      document.fill_color(amount.negative? ? CLAY : LEAF)
      document.fill_rectangle([label, top - 2], [(amount.abs / most) * room, 0.5].max, 9)
      document.fill_color(INK)
    end

    # Where the next line goes; a new page where there is no room.
    def space(height)
      document.start_new_page if document.cursor < height
      document.cursor
    end
  end
end
