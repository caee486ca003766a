# frozen_string_literal: true

require_relative "../support/planned_pieces"
require "pdf/reader"
require "rexml/document"

# The bench tools through the contract: begun from a piece, answered, kept, and their templates measured in the files
# themselves.
RSpec.describe "bench tools", :api do
  include_context "with planned pieces"

  def tools(piece = nil)
    call(:get, "/api/tools#{"?piece_id=#{piece}" if piece}").fetch("groups").flat_map { |group| group["tools"] }
  end

  def begun(key, piece = nil)
    tools(piece).find { |tool| tool["key"] == key }["fields"].to_h { |field| field.values_at("name", "value") }
  end

  def ask_tool(key, **values) = call(:post, "/api/tools/#{key}/answer", { values: values })
  def said(answer, label) = answer["lines"].find { |line| line["label"] == label }["text"]
  def keep(piece, tool, **values) = call(:post, "/api/pieces/#{piece}/tool-results", { tool: tool, values: values })

  def inches
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], length_unit: "in" })
  end

  def file(address, type)
    get(address, {}, { "HTTP_HOST" => "127.0.0.1" })
    expect([last_response.status, last_response.media_type]).to eq([200, type])
    last_response.body
  end

  it "all answer to what they begin with, with a picture, in either unit" do
    %w[mm in].each do |unit|
      inches if unit == "in"
      tools.each do |tool|
        found = ask_tool(tool["key"], **tool["fields"].to_h { |field| [field["name"].to_sym, field["value"]] })
        expect([tool["key"], status, found["headline"].to_s.size > 10,
                found["picture"]&.fetch("shapes")&.any?]).to eq([tool["key"], 200, true, true])
        expect(found["assumes"]).not_to be_empty
      end
    end
  end

  it "begin from a piece's measures, and understand fractions of an inch" do
    own = begun("pulls", id)
    expect(own.values_at("wide", "high")).not_to eq(begun("pulls").values_at("wide", "high"))
    expect(begun("quantity", id)["area"].to_f).to be > 1
    inches
    found = ask_tool("split_top", wide: "47 1/4", deep: "20", kerf: "1/8", plane: "0", overhang: "0")
    # (47 1/4 − 1/8) ÷ 2 = 23 9/16
    expect(found["headline"]).to eq("Two tops 23 9/16 in wide.")
  end

  it "say what limits and the nearest that works, naming the field" do
    expect(refusal(ask_tool("slats", by: "count", count: "40", field: "800", widths: "30"),
                   :count)).to include("At most 26 fit, edge to edge")
    expect(refusal(ask_tool("fabric", wide: "1500"), :cloth)).to include("It would fit turned")
    expect(refusal(ask_tool("sticks", parts: "1 × 2500 long rail"),
                   :parts)).to include("2500 mm long rail is longer than what a stick leaves: 2400 mm")
    expect(refusal(ask_tool("sticks", parts: "many"), :parts)).to include("isn't a list")
    expect(refusal(call(:post, "/api/tools/nothing/answer", { values: {} }), :tool)).to include("no tool")
    expect(refusal(ask_tool("quantity", product: "paper"), :product)).to include("isn't calculated by area")
  end

  it "take the grits from the discs on the shelf" do
    expect(ask_tool("ladder")["headline"]).to eq("80, 120, 150, 220 grit.")
    [60, 80, 120, 180, 220].each do |grit|
      call(:post, "/api/containers", { product: "disc_#{grit}", size: "10", paid: "6" })
    end
    expect(ask_tool("ladder")["headline"]).to eq("80, 120, 180, 220 grit.")
  end

  it "are kept on a piece with materials to buy and steps in its plan, ticked off, and taken away again" do
    before = call(:get, "/api/pieces/#{id}/plan")["plan"]["steps"].size
    needed = -> { call(:get, "/api/shopping")["rows"].find { |row| row["product"] == "screws" }&.fetch("needed") }
    expect(needed.call).to be_nil
    kept = keep(id, "brackets", drawers: "2", corners: "4", screws: "4")
    # 2 × 4 × 4 = 32, and 10% more: 36.
    expect(kept).to include("headline" => include("8 brackets and 36 screws"), "done_on" => nil)
    expect(needed.call).to eq("36")
    expect(call(:get, "/api/pieces/#{id}/plan")["plan"]["steps"].map do |step|
      step["label"]
    end).to include("Install 8 brackets")
    expect(call(:get,
                "/api/pieces/#{id}/tool-results")["results"]).to match([include("values" => include("drawers" => "2"))])
    expect(call(:get, "/api/pieces/#{id}/diary").map do |line|
      line["text"]
    end.join).to include("Brackets and screws: 8 brackets")
    call(:patch, "/api/tool-results/#{kept['id']}", { done: true })
    expect(needed.call).to be_nil
    call(:patch, "/api/tool-results/#{kept['id']}", { done: false })
    gone = call(:delete, "/api/tool-results/#{kept['id']}")
    expect([needed.call, call(:get, "/api/pieces/#{id}/plan")["plan"]["steps"].size]).to eq([nil, before])
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect([needed.call, call(:get, "/api/pieces/#{id}/plan")["plan"]["steps"].size]).to eq(["36", before + 1])
  end

  it "put the offcuts of a cutting plan into the stash when it is cut" do
    kept = keep(id, "sticks", parts: "3 × 600 leg", stick: "2400", kerf: "3")
    expect(kept["offcuts"]).to eq(1)
    call(:patch, "/api/tool-results/#{kept['id']}", { done: true, offcuts: true })
    # 2400 − 3 × 603 = 591 mm
    left = call(:get, "/api/stash")["items"]
    expect(left).to match([include("name" => "Offcut of a stick", "count" => 1,
                                   "measures" => include("length" => "591"))])
    call(:patch, "/api/tool-results/#{kept['id']}", { done: false })
    expect(call(:get, "/api/stash")["items"]).to eq([])
  end

  describe "templates at 1:1" do
    let(:given) { URI.encode_www_form_component(JSON.generate({ wide: "600", high: "160", spacing: "128" })) }

    it "are as large as they say in SVG: the bar and the holes, measured in the file" do
      svg = REXML::Document.new(file("/api/tools/pulls/template.svg?given=#{given}", "image/svg+xml")).root
      box = svg.attributes["viewBox"].split.map(&:to_f)
      # One user unit is one millimetre: the same numbers in both.
      expect([svg.attributes["width"], svg.attributes["height"]]).to eq(box.drop(2).map { |side|
        "#{side.to_s.delete_suffix('.0')}mm"
      })
      bar = svg.elements["//g[@id='check-bar']/path"].attributes["d"][/H(\d+)/, 1]
      expect(bar).to eq("100")
      holes = svg.elements.to_a("//circle").map { |hole| hole.attributes["cx"].to_f }
      expect(holes.max - holes.min).to eq(128.0)
    end

    it "are as large as they say in PDF, laid over sheets with marks" do
      pdf = PDF::Reader.new(StringIO.new(file(
                                           "/api/tools/slats/template.pdf?given=%7B%22field%22%3A%22800%22%7D&paper=A4", "application/pdf"
                                         )))
      expect(pdf.pages.map do |page|
        page.attributes[:MediaBox].drop(2).map do |side|
          (side * 25.4 / 72).round(1)
        end.sort
      end.uniq).to eq([[210.0, 297.0]])
      # 800 mm over sheets of 297 − 24 mm that share 10: four, and three would hold 800 − 2 × 10 at most.
      expect(pdf.page_count).to eq(((800 - 10) / 263.0).ceil)
      lines = pdf.pages.first.raw_content.scan(/([\d.]+) ([\d.]+) m\n([\d.]+) ([\d.]+) l/).map do |line|
        line.map(&:to_f)
      end
      millimetres = lines.map { |x, y, x2, y2| (Math.hypot(x2 - x, y2 - y) * 25.4 / 72).round(2) }
      expect(millimetres).to include(100.0)
      expect(pdf.pages.map(&:text).join).to include("Sheet 1 of 4")
    end

    it "fit Letter too, and other papers are refused" do
      pdf = PDF::Reader.new(StringIO.new(file("/api/tools/legs/template.pdf?paper=Letter", "application/pdf")))
      expect(pdf.pages.first.attributes[:MediaBox].drop(2).map do |side|
        (side / 72.0).round(2)
      end.sort).to eq([8.5, 11.0])
      expect(refusal(call(:get, "/api/tools/legs/template.pdf?paper=A0"), :paper)).to include("Choose A4 or Letter")
      expect(call(:get, "/api/tools/brackets/template.svg").fetch("errors").first["message"]).to include("no template")
      expect(refusal(call(:get, "/api/tools/brackets/template.pdf"), :tool)).to be_nil
    end
  end
end
