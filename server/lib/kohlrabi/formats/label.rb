# frozen_string_literal: true

require "prawn"
require "rqrcode"

module Formats
  # A ticket to tie or stick on, A7 across (ISO 216): name, number, and a QR code (ISO/IEC 18004) of the address at
  # which its page opens on a phone. A workshop that serves this machine alone has no such address: the ticket then
  # says so and stands without.
  class Label
    PAGE = [298, 210].freeze # points, A7 across
    MARGIN = 16
    QR = 118 # points
    QUIET_ZONE = 4 # modules around it, as the standard asks

    # number: "K-038"; name: what it is; line: what else tells it apart, or nil; address: of its page, or nil.
    def initialize(number, name, line: nil, address: nil)
      @number = number
      @name = name
      @line = line
      @address = address
      @document = Prawn::Document.new(page_size: PAGE, margin: MARGIN,
                                      info: { Title: "#{number} #{name}", Creator: "Kohlrabi" })
      @document.font_families.update("Barlow" => { normal: File.join(Paper::FONTS, "Barlow-Regular.ttf"),
                                                   bold: File.join(Paper::FONTS, "Barlow-SemiBold.ttf") })
      @document.font("Barlow")
      @document.fill_color(Paper::INK)
    end

    # The PDF.
    def to_s
      width = PAGE[0] - (2 * MARGIN)
      beside = @address ? width - QR - 10 : width
      top = @document.bounds.top
      line(@number, top, beside, 44, size: 38, style: :bold)
      line(@name, top - 52, beside, 76, size: 17, style: :bold)
      line(@line, top - 134, beside, 28, size: 11) if @line
      @address ? code([width - QR, top]) : alone
      @document.render
    end

    private

    # Text within a box, smaller where it is long.
    def line(text, top, width, height, **type)
      @document.text_box(text, at: [0, top], width: width, height: height, overflow: :shrink_to_fit, **type)
    end

    def code(corner)
      modules = RQRCode::QRCode.new(@address, level: :m).modules
      side = QR.to_f / (modules.size + (2 * QUIET_ZONE))
      modules.each_with_index do |row, y|
        row.each_with_index do |dark, x|
          next unless dark

          place = [corner[0] + ((x + QUIET_ZONE) * side), corner[1] - ((y + QUIET_ZONE) * side)]
          @document.fill_rectangle(place, side, side)
        end
      end
      @document.fill
      line(@address, 14, PAGE[0] - (2 * MARGIN), 14, size: 8)
    end

    def alone
      @document.text_box("No QR code, because this workshop is only open on its own computer. Start it with serve --lan.",
                         at: [0, 22], width: PAGE[0] - (2 * MARGIN), height: 22, size: 8)
    end
  end
end
