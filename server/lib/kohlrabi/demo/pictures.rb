# frozen_string_literal: true

module Demo
  # The demo's photos, rendered from the drawings: a piece on a workshop floor, worn before and finished after. Nothing
  # is photographed. Drawn with a fixed seed, so that the same demo always has the same pictures.
  class Pictures
    WIDTH = 1000
    HEIGHT = 750
    FLOOR = 560 # px from the top where wall and floor meet
    WOOD = "#b98f5f"

    # flips: rows of flips.yml.
    def initialize(flips)
      @flips = flips.to_h { |flip| [flip["name"], flip] }
    end

    # A stored picture (as Pictures.store returns it) of a flip. kind: "before", "during" or "after".
    def of(name, kind)
      flip = @flips.fetch(name)
      width, _, height = flip["measures"].map(&:to_f)
      shape = Core::Planning::Shape::PieceShape.new(kind: flip["kind"], width: width, height: height, leg: flip["leg"]&.to_f, doors: flip["doors"],
                                                    drawer_rows: flip["drawers"]&.split(",")&.map(&:to_i))
      store(scene(shape, colours(kind, flip["body"], flip["front"]), kind, name), "#{name} #{kind}")
    end

    # The same of a spotted piece (row of workshop.yml), as it stands in a shop.
    def spotted(row)
      shape = Core::Planning::Shape::PieceShape.new(kind: row["kind"], width: row["width"].to_f,
                                                    height: row["height"].to_f, leg: row["leg"]&.to_f)
      store(scene(shape, colours("before", nil, nil), "before", row["name"]), row["name"])
    end

    # A slip of paper with one line.
    def receipt(cost)
      lines = ["Depot counter", "-" * 26, cost.what, "1 x #{format('%.2f', cost.amount_minor / 100.0)}", "-" * 26,
               "paid in cash"]
      text = lines.each_with_index.map { |line, i| %(<text x="330" y="#{170 + (i * 62)}">#{line}</text>) }.join
      store(<<~SVG, "receipt")
        <svg xmlns="http://www.w3.org/2000/svg" width="#{WIDTH * 4 / 5}" height="#{HEIGHT * 4 / 5}" viewBox="0 0 #{WIDTH} #{HEIGHT}">
          <rect width="#{WIDTH}" height="#{HEIGHT}" fill="#8d7a63"/>
          <g transform="rotate(-3 500 375)">
            <rect x="290" y="70" width="420" height="560" fill="#f7f4ea"/>
            <g font-family="monospace" font-size="26" fill="#333">#{text}</g>
          </g>
        </svg>
      SVG
    end

    private

    def store(svg, name)
      ::Pictures.store(
        Vips::Image.svgload_buffer(svg).flatten(background: [255, 255, 255]).write_to_buffer(".jpg", Q: 92), name: name
      )
    end

    def colours(kind, body, front)
      return { body: "#8f6f4c", front: "#87653f" } if kind == "before"
      return { body: "#cbb08a", front: "#d4bd99" } if kind == "during"

      { body: body || WOOD, front: front || body || WOOD }
    end

    def scene(shape, colours, kind, name)
      elevation = Core::Planning::Shape::Elevation.new(shape)
      scale = [620.0 / elevation.width, 440.0 / elevation.height].min
      left = (WIDTH - (elevation.width * scale)) / 2
      top = FLOOR + 60 - (elevation.height * scale)
      wall, floor = kind == "after" ? ["#dfe4da", "#b79d7b"] : ["#b9b4a8", "#8a8177"]
      <<~SVG
        <svg xmlns="http://www.w3.org/2000/svg" width="#{WIDTH * 4 / 5}" height="#{HEIGHT * 4 / 5}" viewBox="0 0 #{WIDTH} #{HEIGHT}">
          <rect width="#{WIDTH}" height="#{FLOOR}" fill="#{wall}"/><rect y="#{FLOOR}" width="#{WIDTH}" height="#{HEIGHT - FLOOR}" fill="#{floor}"/>
          #{boards(Random.new(name.sum))}#{window if kind == 'after'}
          <ellipse cx="#{WIDTH / 2}" cy="#{FLOOR + 62}" rx="#{(elevation.width * scale / 2) + 30}" ry="22" fill="#000" opacity="0.28"/>
          <g transform="translate(#{left.round(1)} #{top.round(1)}) scale(#{scale.round(4)})" stroke="#2b241c" stroke-width="#{(1.4 / scale).round(2)}">
            #{elevation.parts.map { |part| polygon(part, colours) }.join}
            #{wear(elevation, Random.new(name.sum), kind)}
          </g>
        </svg>
      SVG
    end

    def polygon(part, colours)
      fill = { front: colours[:front], door: colours[:front], pull: "#3a332b", opening: "#2e261e", glass: "#cfdcdb" }.fetch(part[:role],
                                                                                                                            colours[:body])
      %(<polygon points="#{part[:points].map { |point| point.join(',') }.join(' ')}" fill="#{fill}"/>)
    end

    # Floor boards in perspective, none quite alike.
    def boards(random)
      Array.new(13) do |i|
        x = (i - 2) * 100
        %(<path d="M#{x + 40} #{FLOOR}L#{((x - 460) * 1.5) + 460} #{HEIGHT}" stroke="#000" opacity="#{(0.12 + (random.rand * 0.14)).round(2)}"/>)
      end.join
    end

    # Light from a window that is out of the picture.
    def window
      panes = { "90,60 300,30 300,330 90,380" => 0.35, "320,28 470,10 470,300 320,325" => 0.25 }
      panes.map { |points, light| %(<polygon points="#{points}" fill="#fff" opacity="#{light}"/>) }.join
    end

    # Scratches and stains before, dust of sanding during, nothing after.
    def wear(elevation, random, kind)
      count, colour = { "before" => [70, "#3b2c1d"], "during" => [40, "#fff4e0"], "after" => [0, ""] }.fetch(kind)
      marks = Array.new(count) do
        x = random.rand * elevation.width * 0.9
        y = random.rand * elevation.height * 0.7
        length = elevation.width * (0.02 + (random.rand * 0.08))
        path = "M#{x.round} #{y.round}l#{length.round} #{(random.rand * 14).round - 7}"
        %(<path d="#{path}" stroke="#{colour}" opacity="#{(0.15 + (random.rand * 0.4)).round(2)}"/>)
      end
      marks.join
    end
  end
end
