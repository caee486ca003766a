# frozen_string_literal: true

require "prawn"

module Formats
  # A template as PDF at 1:1, over as many sheets as it needs: each has its row and column, marks where the next joins,
  # and a bar to check it by.
  class TemplatePdf
    include Operations::Support::Refusing

    PAPERS = { "A4" => [210.0, 297.0], "LETTER" => [215.9, 279.4] }.freeze # mm (ISO 216; ANSI/ASME Y14.1)
    POINT = 72 / 25.4 # points a mm
    MARGIN = 12.0 # mm that printers leave white
    FOOT = 16.0 # mm for the bar
    OVERLAP = 10.0 # mm that two sheets share

    # picture: Core::Tools::Picture in mm; paper: A4 or LETTER; unit: in which the bar is; turned to landscape where
    # that takes fewer sheets. Raises Refused for another paper.
    def initialize(picture, paper: "A4", unit: "mm")
      @bar = CheckBar.of(unit)
      size = PAPERS.fetch(paper.to_s.upcase) do
        refuse(:not_a_paper, field: :paper, given: paper)
      end
      @picture = picture
      @paper = [size, size.reverse].min_by { |one| sheets_on(one).size }
    end

    # Lower left corners of what each sheet shows, in mm of the picture from its upper left: [[x, y]].
    def sheets = sheets_on(@paper)

    def to_s
      document = Prawn::Document.new(page_size: @paper.map { |mm| mm * POINT }, margin: 0, skip_page_creation: true,
                                     info: { Title: @picture.description, Creator: "Kohlrabi" })
      sheets.each_with_index { |corner, index| sheet(document, corner, index) }
      document.render
    end

    private

    def room(paper) = [paper[0] - (2 * MARGIN), paper[1] - (2 * MARGIN) - FOOT]

    def sheets_on(paper)
      wide, high = room(paper)
      starts(@picture.height, high).product(starts(@picture.width, wide)).map { |y, x| [x, y] }
    end

    def starts(size, room)
      return [0.0] if size <= room

      step = room - OVERLAP
      Array.new(((size - OVERLAP) / step).ceil) { |index| index * step }
    end

    def sheet(document, corner, place)
      document.start_new_page
      document.line_width = 0.25 * POINT
      wide, high = room(@paper)
      document.save_graphics_state do
        document.rectangle([MARGIN * POINT, (@paper[1] - MARGIN) * POINT], wide * POINT, high * POINT)
        document.add_content("W n") # only what lies on this sheet
        @picture.shapes.each { |shape| draw(document, shape, corner) }
      end
      marks(document, corner, wide, high)
      foot(document, place)
    end

    # mm of the picture → points on the sheet.
    def at(corner, x, y) = [(x - corner[0] + MARGIN) * POINT, (@paper[1] - MARGIN - (y - corner[1])) * POINT]

    def draw(document, shape, corner)
      case shape[:kind]
      when "rect" then document.stroke_rectangle(at(corner, shape[:x], shape[:y]), shape[:w] * POINT, shape[:h] * POINT)
      when "circle" then document.stroke_circle(at(corner, shape[:x], shape[:y]), shape[:r] * POINT)
      when "line" then document.stroke_line(at(corner, shape[:x], shape[:y]), at(corner, shape[:x2], shape[:y2]))
      when "polygon" then document.stroke_polygon(*shape[:points].map { |x, y| at(corner, x, y) })
      end
      label(document, shape, corner) if shape[:label]
    end

    def label(document, shape, corner)
      x, y = at(corner, shape[:x] + (shape[:w].to_f / 2), shape[:y] + (shape[:h].to_f / 2))
      document.draw_text(shape[:label], at: [x - (shape[:label].size * 2), y - 3], size: 8)
    end

    # Crosses in the middle of what two sheets share.
    def marks(document, corner, wide, high)
      half = OVERLAP / 2
      xs = [corner[0].positive? ? half : nil, corner[0] + wide < @picture.width ? wide - half : nil].compact
      ys = [corner[1].positive? ? half : nil, corner[1] + high < @picture.height ? high - half : nil].compact
      document.stroke_color("999999")
      xs.each { |x| [high / 4, high / 2].each { |y| cross(document, x, y) } }
      ys.each { |y| [wide / 4, wide / 2].each { |x| cross(document, x, y) } }
      document.stroke_color("000000")
    end

    def cross(document, x, y)
      left, down = at([0, 0], x, y)
      document.stroke_line([left - 8, down], [left + 8, down])
      document.stroke_line([left, down - 8], [left, down + 8])
    end

    def foot(document, place)
      y = (MARGIN + 2) * POINT
      left = MARGIN * POINT
      right = left + (@bar.run * POINT)
      document.stroke_line([left, y], [right, y])
      [left, right].each { |x| document.stroke_line([x, y - 6], [x, y + 6]) }
      document.draw_text("#{@bar.words}. Print at 100%. Don't fit it to the page.", at: [left, y + 10], size: 8)
      document.draw_text("Sheet #{place + 1} of #{sheets.size}", at: [right + 12, y - 3], size: 8)
    end
  end
end
