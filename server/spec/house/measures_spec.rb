# frozen_string_literal: true

require_relative "../support/planned_pieces"

# A workshop in US customary measures and one in metric ones: the same dresser, tins and work, each in its own words.
RSpec.describe "measures of the house", :api do
  include_context "with planned pieces"

  def measures(unit)
    call(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], length_unit: unit })
  end

  def tin(size) = call(:post, "/api/containers", { product: "paint_all", size: size, paid: "20" })
  # The system of 32 mm goes by that name.
  def metric(text) = text.gsub(/\b32 mm\b/, "").scan(/\d ?(?:mm|ml|cm|kg|°C|L|g|m)(?![a-z²])|m²/)

  it "take a quart as it is said, and say it so; the same tin in millilitres in the other" do
    measures("in")
    tin("1 qt")
    tin("32 fl oz")
    tin("1/2 gal")
    sizes = -> { call(:get, "/api/shelf")["rows"].flat_map { |row| row["containers"].map { |one| one["size"] } }.sort }
    expect(sizes.call).to eq(["1 qt", "1 qt", "2 qt"])
    measures("mm")
    expect(sizes.call).to eq(["1.89 L", "946 ml", "946 ml"])
    expect(refusal(tin("1 qrt"),
                   :size)).to eq("“1 qrt” has an unknown unit. Did you mean “1 qt”? If not, type it like 250 ml or 0.5 L.")
    expect(refusal(tin("1,234"), :size)).to include("could mean two numbers")
  end

  it "let a form be saved unchanged: what it shows is what is kept" do
    measures("in")
    ["1 qt", "250 ml", "0,5 L", "7.3 fl oz"].each do |size|
      made = tin(size)["ids"]&.first || call(:get, "/api/shelf")["rows"].first["containers"].map { |one| one["id"] }.max
      kept = Records::Container.find(made)
      before = kept.size_thousandths
      fields = call(:get, "/api/shelf")["rows"].first["containers"].find { |one| one["id"] == made }["fields"]
      call(:patch, "/api/containers/#{made}", { size: fields["size"] })
      expect(kept.reload.size_thousandths).to eq(before)
    end
  end

  it "say nothing metric in a US workshop that nobody typed: plan, shopping, shelf, tools, climate" do
    id = planned("Dresser")
    measures("in")
    tin("1 gal")
    made = call(:post, "/api/products",
                { label: "Moss satin", generic: "paint_all", rate: "350", coldest: "50", pack_amount: "1 qt" })
    expect(made["fields"]).to include("rate" => "350", "coldest" => "50", "pack_amount" => "1 qt")
    call(:post, "/api/climate", { air: "65", humidity: "50" })
    list = call(:get, "/api/tools")
    pages = ["/api/pieces/#{id}/plan", "/api/shopping", "/api/shelf", "/api/today", "/api/catalogue",
             "/api/read/climate?air=50&humidity=50"]
    answers = pages.to_h { |page| [page, call(:get, page)] }.merge("tools" => list)
    keys = list.to_s.scan(/"key"=>"(\w+)", "label"=>"[^"]*", "about"/).flatten
    keys.each { |key| answers[key] = call(:post, "/api/tools/#{key}/answer", { values: {} }) }
    expect([keys.size > 20, answers.values_at(*keys).map do |answer|
      answer["headline"].to_s.empty?
    end.uniq]).to eq([true, [false]])
    found = answers.transform_values { |answer| metric(texts(answer).join("\n")) }.reject { |_, words| words.empty? }
    expect(found).to eq({})
  end

  # Every text of an answer, keys and what programs read aside.
  def texts(value, key = nil)
    case value
    when Hash then value.flat_map { |name, inner| texts(inner, name) }
    when Array then value.flat_map { |inner| texts(inner, key) }
    when String then %w[key kind iso zone step id href name].include?(key) ? [] : [value]
    else []
    end
  end
end
