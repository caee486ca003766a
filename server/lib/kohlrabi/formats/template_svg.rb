# frozen_string_literal: true

module Formats
  # A template as SVG at 1:1: one user unit is one millimetre, with a bar to check what the printer made of it.
  class TemplateSvg
    MARGIN = 10
    FILLS = { "hole" => "none", "part" => "#e8e8e8", "ghost" => "none", "cut" => "none", "wood" => "#f4f4f4" }.freeze

    # picture: Core::Tools::Picture in mm; unit: in which the bar is.
    def initialize(picture, unit: "mm")
      @picture = picture
      @bar = CheckBar.of(unit)
    end

    def width = [@picture.width, @bar.run].max + (2 * MARGIN)
    def height = @picture.height + (2 * MARGIN) + 16

    def to_s
      <<~SVG
        <?xml version="1.0" encoding="UTF-8"?>
        <svg xmlns="http://www.w3.org/2000/svg" width="#{number(width)}mm" height="#{number(height)}mm" viewBox="0 0 #{number(width)} #{number(height)}">
        <title>#{escape(@picture.description)}</title>
        <g transform="translate(#{MARGIN} #{MARGIN})" fill="none" stroke="#000" stroke-width="0.25" font-family="sans-serif" font-size="4">
        #{@picture.shapes.map { |shape| shape(shape) }.join("\n")}
        </g>
        <g id="check-bar" transform="translate(#{MARGIN} #{number(height - MARGIN)})" stroke="#000" stroke-width="0.4" font-family="sans-serif" font-size="4">
        <path d="M0 0H#{number(@bar.run)}M0 -3V3M#{number(@bar.run)} -3V3" fill="none"/>
        <text x="0" y="-4" stroke="none">#{@bar.words}</text>
        </g>
        </svg>
      SVG
    end

    private

    def shape(shape)
      case shape[:kind]
      when "rect" then rect(shape)
      when "circle" then %(<circle cx="#{number(shape[:x])}" cy="#{number(shape[:y])}" r="#{number(shape[:r])}"/>)
      when "line" then %(<path d="M#{number(shape[:x])} #{number(shape[:y])}L#{number(shape[:x2])} #{number(shape[:y2])}"/>)
      when "polygon"
        points = shape[:points].map { |point| point.map { |value| number(value) }.join(",") }
        %(<polygon points="#{points.join(' ')}"/>)
      when "text" then words(shape[:x], shape[:y], shape[:label])
      end
    end

    def rect(shape)
      x, y, wide, high = %i[x y w h].map { |key| number(shape[key]) }
      box = %(<rect x="#{x}" y="#{y}" width="#{wide}" height="#{high}" fill="#{FILLS.fetch(shape[:role], 'none')}"/>)
      shape[:label] ? box + words(shape[:x] + (shape[:w] / 2), shape[:y] + (shape[:h] / 2) + 1.5, shape[:label]) : box
    end

    def words(x, y, text)
      %(<text x="#{number(x)}" y="#{number(y)}" text-anchor="middle" fill="#000" stroke="none">#{escape(text)}</text>)
    end

    def number(value) = format("%.3f", value).sub(/\.?0+\z/, "")
    def escape(text) = text.to_s.encode(xml: :text)
  end
end
