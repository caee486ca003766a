# frozen_string_literal: true

require_relative "../server_helper"
require "pdf/reader"
require "rexml/document"

# Templates at 1:1, measured in what was written. A4 is 210 × 297 mm (ISO 216), Letter 8.5 × 11 in (ANSI/ASME Y14.1); a
# point is 1/72 in.
RSpec.describe "templates at 1:1" do
  let(:picture) do
    Core::Tools::Picture.new(500, 320, "A rod of 500 by 320 <mm>")
                        .rect(0, 0, 500, 320, "ghost").circle(250, 160, 5, "hole").line(0, 160, 500, 160).text(250, 150, "middle & more")
                        .polygon([[10, 10], [60, 10], [10, 60]], "part")
  end

  def pdf(**rest) = PDF::Reader.new(StringIO.new(Formats::TemplatePdf.new(picture, **rest).to_s))

  # Lines of a page in mm.
  def lines(page)
    page.raw_content.scan(/([\d.-]+) ([\d.-]+) m\n([\d.-]+) ([\d.-]+) l/).map do |line|
      line.map do |point|
        point.to_f * 25.4 / 72
      end
    end
  end

  describe "as SVG" do
    let(:svg) { REXML::Document.new(Formats::TemplateSvg.new(picture).to_s).root }

    it "has a user unit of one millimetre, and a bar of a hundred" do
      expect(svg.attributes["width"]).to eq("520mm")
      expect(svg.attributes["viewBox"]).to eq("0 0 520 356")
      expect(svg.elements["//g[@id='check-bar']/path"].attributes["d"]).to start_with("M0 0H100")
    end

    it "draws every shape where it is, and writes words as words" do
      expect(svg.elements["//circle"].attributes.values_at("cx", "cy", "r").map(&:to_s)).to eq(%w[250 160 5])
      expect(svg.elements["//polygon"].attributes["points"]).to eq("10,10 60,10 10,60")
      expect(svg.elements["title"].text).to eq("A rod of 500 by 320 <mm>")
      expect(svg.elements.to_a("//text").map(&:text)).to include("middle & more")
    end
  end

  describe "as PDF" do
    it "lays sheets that overlap by 10 mm, in whichever way takes fewer" do
      # Landscape: 273 × 170 mm of room; 500 takes (500 − 10) ÷ 263 → 2, 320 takes (320 − 10) ÷ 160 → 2: four.
      # Upright: 186 × 257; 500 takes 490 ÷ 176 → 3, 320 takes 310 ÷ 247 → 2: six.
      found = pdf
      expect(found.page_count).to eq(4)
      expect(found.pages.first.attributes[:MediaBox].drop(2).map do |side|
        (side * 25.4 / 72).round(1)
      end).to eq([297.0, 210.0])
    end

    it "draws to size on every sheet, with a bar of a hundred on each" do
      pdf.pages.each do |page|
        bars = lines(page).map { |x, y, x2, y2| Math.hypot(x2 - x, y2 - y).round(2) }
        expect(bars).to include(100.0)
        # The line through the middle keeps its 500 mm, though only a part of it lies on the sheet.
        expect(bars).to include(500.0)
      end
    end

    it "moves the picture on by a sheet less the overlap" do
      lefts = pdf.pages.first(2).map do |page|
        lines(page).find do |x, _, x2, _|
          (x2 - x - 500).abs < 0.05
        end.first.round(1)
      end
      expect(lefts).to eq([12.0, 12.0 - 263.0])
    end

    it "marks where sheets join, numbers them, and says how to print" do
      text = pdf.pages.map(&:text)
      expect(text.map do |page|
        page[/Sheet \d of 4/]
      end).to eq(["Sheet 1 of 4", "Sheet 2 of 4", "Sheet 3 of 4", "Sheet 4 of 4"])
      expect(text.first).to include("Print at 100%")
      crosses = lines(pdf.pages.first).count do |x, y, x2, y2|
        (Math.hypot(x2 - x, y2 - y) - (16 * 25.4 / 72)).abs < 0.01
      end
      expect(crosses).to eq(8) # two on the right edge, two below, each of two strokes
    end

    it "has a bar of four inches in a workshop that measures in them" do
      text = pdf(unit: "in").pages.first
      expect(text.text).to include("4 in: measure this bar")
      expect(lines(text).count { |x, y, x2, y2| (Math.hypot(x2 - x, y2 - y) - 101.6).abs < 0.01 }).to eq(1)
      drawn = REXML::Document.new(Formats::TemplateSvg.new(picture, unit: "in").to_s).root
      expect(REXML::XPath.first(drawn, "//*[@id='check-bar']").to_s).to include("H101.6", "4 in: measure this bar")
    end

    it "fits one sheet of Letter where it is small, and refuses other papers" do
      small = Core::Tools::Picture.new(150, 100, "A plate").rect(0, 0, 150, 100, "ghost")
      found = PDF::Reader.new(StringIO.new(Formats::TemplatePdf.new(small, paper: "Letter").to_s))
      inches = found.pages.first.attributes[:MediaBox].drop(2).map { |side| (side / 72.0).round(2) }
      expect([found.page_count, inches]).to eq([1, [8.5, 11.0]])
      expect do
        Formats::TemplatePdf.new(small, paper: "A0")
      end.to raise_error(Operations::Support::Refused, /Choose A4 or Letter/)
    end
  end
end
