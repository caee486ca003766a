# frozen_string_literal: true

require "net/http"
require "socket"

# What bin/bench plans, fills in and starts.
module Cases
  FINISHES = [["paint", "#243b53"], ["paint", "#8fa58a"], ["oil", nil], ["clear", nil]].freeze
  PIECE = { "kind" => "bench", "bought_on" => "2026-01-01", "purchase" => "20", "made_about" => "1995",
            "surface_material" => "solid" }.freeze

  LAYERS = %w[paint stain oil clear].freeze

  class << self
    # A piece with a look and a plan of about twenty steps, through the operations that a person's clicks call.
    def piece_in_work(number)
      piece = Operations::Flips::Pieces.create(PIECE.merge("name" => "In work #{number}", "expected_resale" => (100 + number).to_s))
      look = Operations::Planning::Looks.create(piece.id, "name" => "Plain")
      finish, colour = FINISHES[number % FINISHES.size]
      zones = Operations::Planning::Drawing.zones(piece).select(&:shown?).map(&:key)
      Operations::Planning::Looks.paint(look.id, { "zones" => zones, "finish" => finish, "colour" => colour }.compact)
    end

    # Core::Planning::Brief of a piece of 20 zones with 200 problems and a look of several finishes.
    def sideboard
      planning = Core::Planning
      shape = planning::Shape::PieceShape.new(kind: "sideboard", width: 1500.0, depth: 480.0, height: 820.0, drawer_rows: [3, 2], doors: 3,
                                              door_style: "panelled")
      zones = planning::Shape::Zones.of(shape, surface: "solid").first(20)
      choices = zones.each_with_index.to_h do |zone, place|
        [zone.key, planning::Choice.new(finish: LAYERS[place % 4], over: [], colour: "#d0d8c8")]
      end
      look = planning::Look.new(wear: "everyday", hardware: "sprayed", inside: "liner", primer: "auto", choices: choices)
      planning::Brief.new(kind: "sideboard", zones: zones, findings: problems(zones), look: look)
    end

    # Starts a server of its own with a home, waits for its first answer, yields, and ends it.
    def start_server(home)
      port = free_port
      server = Bundler.with_unbundled_env do
        spawn({ "KOHLRABI_HOME" => home }, File.join(ROOT, "bin/kohlrabi"), "serve", "--port=#{port}", out: File::NULL, err: File::NULL)
      end
      sleep(0.01) until answers?(port)
      yield
    ensure
      Process.kill("TERM", server)
      Process.wait(server)
    end

    private

    def problems(zones)
      keys = Core::Planning::Inspection::Findings::BY_KEY.keys
      Array.new(200) do |place|
        zone = place.even? ? zones[place % zones.size].key : nil
        Core::Planning::Inspection::Finding.new(id: place, key: keys[place % keys.size], zone: zone, measure: 2)
      end
    end

    def free_port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }

    def answers?(port)
      Net::HTTP.get_response("127.0.0.1", "/api/today", port).is_a?(Net::HTTPSuccess)
    rescue SystemCallError
      false
    end
  end
end
