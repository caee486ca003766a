# frozen_string_literal: true

require_relative "../support/api_helper"

# Looking over, looks and plans through the contract. Figures of the rules are checked in the core; here, that they
# arrive and stay.
RSpec.describe "looking over, looks and plans", :api do
  let(:id) do
    piece(name: "Chest", kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1",
          surface_material: "solid")
  end

  def plan(of = id) = call(:get, "/api/pieces/#{of}/plan")
  def step(key, of = id) = plan(of).fetch("plan").fetch("steps").find { |one| one["key"] == key }
  def steps(of = id) = plan(of).fetch("plan").fetch("steps").map { |one| one["key"] }
  def shown(of = id) = plan(of).fetch("zones").select { |zone| zone["shown"] }.map { |zone| zone["key"] }

  # A look with all that is seen in one finish.
  def look(of = id, **choice)
    made = call(:post, "/api/pieces/#{of}/looks", { name: "Plain" }).fetch("id")
    call(:put, "/api/looks/#{made}/zones", { zones: shown(of), finish: "paint", colour: "#ffffff", **choice })
    made
  end

  describe "shape and zones" do
    it "gives zones with areas and a drawing whose parts know them, and takes changes back when they are emptied" do
      zones = plan.fetch("zones").to_h { |zone| [zone["key"], zone] }
      expect(zones["top"]).to include("label" => "Top", "area" => "0.41 m²", "grade" => "flat", "state" => "untouched",
                                      "change" => nil)
      drawn = plan.fetch("drawing").fetch("parts").filter_map { |part| part["zone"] }.uniq
      expect(drawn - zones.keys).to be_empty

      call(:put, "/api/pieces/#{id}/zones",
           { zone: "top", area: "0.5", material: "veneer", grade: "detailed", label: "Old top" })
      changed = plan.fetch("zones").find { |zone| zone["key"] == "top" }
      expect(changed).to include("label" => "Old top", "area" => "0.50 m²", "material" => "veneer",
                                 "change" => include("area" => "0.50"))
      call(:put, "/api/pieces/#{id}/zones", { zone: "top", parts: "2" })
      expect(shown).to include("top/1", "top/2")
      call(:put, "/api/pieces/#{id}/zones", { zone: "top" })
      expect(plan.fetch("zones").find { |zone| zone["key"] == "top" }).to include("label" => "Top", "change" => nil)
    end

    it "refuses what cannot be, naming the field, and writes nothing" do
      expect(refusal(call(:put, "/api/pieces/#{id}/zones", { zone: "lid", area: "1" }),
                     :zone)).to include("no zone “lid”")
      expect(refusal(call(:put, "/api/pieces/#{id}/zones", { zone: "top", area: "0" }), :area)).to include("above 0")
      expect(refusal(call(:put, "/api/pieces/#{id}/zones", { zone: "top", relief: "square" }),
                     :relief_depth)).to include("Square slats need their depth and spacing")
      tall = call(:post, "/api/pieces",
                  { name: "Stack", kind: "chest of drawers", height: "700", drawer_rows: "1,1", row_heights: "400, 400" })
      expect([status, refusal(tall, :row_heights)]).to match([422, include("800 mm tall together")])
      expect(refusal(call(:post, "/api/pieces", { name: "Flat", width: "0" }), :width)).to include("isn't a length")
      expect(plan.fetch("zones").filter_map { |zone| zone["change"] }).to be_empty
    end

    it "keeps a shape as bought and one as planned, with what is taken off and left over, and goes back" do
      call(:put, "/api/pieces/#{id}/planned-shape", { base: "none" })
      page = plan
      expect(page["drawing"]["height_text"]).to eq("760 mm")
      expect(page["bought"]["height_text"]).to eq("850 mm")
      expect(page["acts"]).to eq([{ "key" => "remove_base", "label" => "Take off the legs",
                                    "spare" => { "name" => "Leg, 90 mm", "count" => 4 } }])
      expect(page["zones"].map { |zone| zone["key"] }).not_to include("legs")
      expect(page["planned_shape"]).to include("base" => "none", "height" => "")
      look
      expect(steps).to include("remove_base")
      expect(refusal(call(:put, "/api/pieces/#{id}/planned-shape", { leg: "900" }),
                     :leg)).to include("as tall as the whole piece")
      expect(call(:delete,
                  "/api/pieces/#{id}/planned-shape")).to include("bought" => nil, "acts" => [], "planned_shape" => nil)
    end
  end

  describe "findings" do
    it "are noted with a zone and a measure, say their consequence at once, and change the plan" do
      look
      expect(steps).not_to include("fill")
      found = call(:post, "/api/pieces/#{id}/findings",
                   { kind: "gouge", zone: "top", measure: "4", note: "left corner" }).fetch("id")
      row = plan.fetch("findings").first
      expect(row).to include("label" => "Gouge or dent", "zone_label" => "Top", "measure" => "4 mm",
                             "note" => "left corner")
      expect(row["says"]).to include("fill it and sand it flush, deep ones twice; filler shows under stain, so paint this zone")
      expect(steps).to include("fill", "level", "refill", "relevel")
      call(:patch, "/api/findings/#{found}", { measure: "1" })
      expect(steps).to include("fill").and(satisfy { |keys| !keys.include?("refill") })
      gone = call(:delete, "/api/findings/#{found}").fetch("id")
      expect(steps).not_to include("fill")
      call(:post, "/api/deletions/#{gone}/undo")
      expect(steps).to include("fill")
    end

    it "refuse a zone that is not there, a measure that is none, a kind that is unknown" do
      note = ->(**given) { call(:post, "/api/pieces/#{id}/findings", { kind: "gouge", **given }) }
      expect(refusal(note.call(zone: "lid"), :zone)).to include("no zone “lid”")
      expect(refusal(note.call(measure: "deep"), :measure)).to include("isn't a length")
      expect(refusal(note.call(kind: "painted", measure: "-2"), :measure)).to include("whole number above 0")
      expect(refusal(note.call(kind: "varnish", measure: "2"), :measure)).to include("has no measure")
      expect(refusal(note.call(kind: "ghost"), :kind)).to include("isn't in the list of problems")
      expect(plan.fetch("findings")).to be_empty
    end

    it "can be the workshop's own" do
      kind = { label: "Crayon", walk: "surface", says: "off with heat and spirits", treatment: "Melt off the crayon", work_kind: "cleaning",
               time: "20", wait: "30 min" }
      own = call(:post, "/api/own-findings", kind).fetch("id")
      offered = call(:get, "/api/catalogue").fetch("walk").find { |stop| stop["key"] == "surface" }.fetch("findings")
      expect(offered.last).to include("own_finding_id" => own, "label" => "Crayon")
      look
      call(:post, "/api/pieces/#{id}/findings", { own_finding_id: own, zone: "top" })
      expect(step("own-finding-#{own}")).to include("label" => "Melt off the crayon", "wait" => "30 min",
                                                    "time" => include("text" => "20 min"))
      call(:delete, "/api/own-findings/#{own}")
      expect(call(:get, "/api/catalogue").to_s).not_to include("Crayon")
    end
  end

  describe "looks" do
    it "stand side by side with what they come to; the first is chosen, another can be" do
      call(:patch, "/api/pieces/#{id}", { lock_version: 0, expected_resale: "200" })
      white = look
      oil = call(:post, "/api/pieces/#{id}/looks", { name: "Oiled", like: white }).fetch("id")
      call(:put, "/api/looks/#{oil}/zones", { zones: shown, finish: "oil" })
      rows = plan.fetch("looks")
      expect(rows.map { |row| row.values_at("name", "chosen") }).to eq([["Plain", true], ["Oiled", false]])
      rows.each do |row|
        figures = row["figures"].to_h { |figure| [figure["key"], figure["text"]] }
        expect(figures.values_at("materials_to_come", "hours_to_come", "pay")).to all(be_a(String))
        expect(row["ready"]["on"]["iso"]).to be_between(row["ready"]["early"]["iso"], row["ready"]["late"]["iso"])
      end
      expect(rows.first["ready"]).to eq(plan["plan"]["ready"]) # one date, the schedule's, on whatever page
      row = call(:get, "/api/schedule")["pieces"].find { |one| one["piece"]["id"] == id }
      expect(row["ready"]["on"]).to eq(rows.first["ready"]["on"])
      expect(steps.grep(%r{\Aoil/})).to be_empty
      told = call(:post, "/api/looks/#{oil}/choose").fetch("changes")
      expect(told.join(" ")).to include("of work left")
      expect(steps.grep(%r{\Aoil/}).size).to eq(2)
      expect(call(:get, "/api/pieces/#{id}").fetch("diary").map { |line| line["text"] }.join).to include("Plan changed")
      expect(call(:delete, "/api/looks/#{oil}").fetch("errors").first["message"]).to include("Choose another one first")
      call(:delete, "/api/looks/#{white}")
      expect(plan.fetch("looks").map { |row| row["name"] }).to eq(["Oiled"])
    end

    it "are given to all pieces just like it, each with a plan of its own" do
      stool = { name: "Stool", kind: "stool", count: "3" }
      lot = call(:post, "/api/lots",
                 { name: "Stools", bought_on: "2026-05-01", price: "30", share_rule: "equal", members: [stool] })
      first, *others = lot.fetch("members").map { |member| member["piece_id"] }
      expect(plan(first)["mates"].map { |mate| mate["id"] }).to eq(others)
      made = look(first)
      expect(call(:post, "/api/looks/#{made}/alike")["looks"].size).to eq(2)
      others.each { |other| expect(steps(other)).to eq(steps(first)) }
      expect(call(:post, "/api/looks/#{look}/alike").fetch("errors").first["message"]).to include("just like this one")
    end

    it "let hours and cost to come follow the plan" do
      look
      page = call(:get, "/api/pieces/#{id}")
      expect(page["planned"]).to be(true)
      expect(page["fields"]["hours_to_come"]).to eq(Core::Units::Effort.text(plan["plan"]["remaining"]["seconds"]))
      expect(page["fields"]["cost_to_come"]).to eq(plan["plan"]["used"]["typed"])
    end

    it "show what does not go together, with remedies that settle it" do
      made = look(finish: "stain", colour: "#6b3d1e")
      call(:post, "/api/pieces/#{id}/findings", { kind: "gouge", zone: "top", measure: "2" })
      conflict = plan["looks"].first["conflicts"].find { |one| one["key"] == "fills" }
      expect(conflict).to include("where" => "Top", "settled" => nil, "zones" => ["top"])
      remedy = conflict["remedies"].first["choice"]
      call(:put, "/api/looks/#{made}/zones", { zones: conflict["zones"], **remedy })
      expect(plan["looks"].first["conflicts"].map { |one| one["key"] }).not_to include("fills")
    end

    it "refuse a finish, a product, a colour, a zone and a fifth look that cannot be; and two tabs do not overwrite each other" do
      made = look
      paint = ->(**given) { call(:put, "/api/looks/#{made}/zones", { zones: ["top"], finish: "paint", **given }) }
      expect(refusal(paint.call(finish: "gold"), :finish)).to include("isn't one of the choices")
      expect(refusal(paint.call(product: "gold"), :product)).to include("not a product")
      expect(refusal(paint.call(colour: "red 7"), :colour)).to include("isn't a color")
      expect(refusal(paint.call(zones: ["lid"]), :zones)).to include("no zone")
      expect(refusal(paint.call(zones: []), :zones)).to include("Pick one or more")
      expect(refusal(paint.call(over: ["gold"]), :over)).to include("doesn't fit here")
      version = plan["looks"].first["lock_version"]
      expect(call(:patch, "/api/looks/#{made}",
                  { lock_version: version, wear: "hard" })).to include("lock_version" => version + 1)
      call(:patch, "/api/looks/#{made}", { lock_version: version, wear: "display" })
      expect(status).to eq(409)
      3.times { |place| call(:post, "/api/pieces/#{id}/looks", { name: "Look #{place}" }) }
      expect(call(:post, "/api/pieces/#{id}/looks",
                  { name: "Fifth" }).fetch("errors").first["message"]).to include("A piece can have 4 looks")
    end

    it "take another product instead, and say what that does" do
      made = look
      call(:post, "/api/pieces/#{id}/findings", { kind: "tannin_wood" })
      rows = call(:get, "/api/pieces/#{id}/substitutes?product=primer_shellac").fetch("rows")
      expect(rows.first).to include("product" => "primer_shellac", "hours" => "the same", "days" => "the same",
                                    "money" => "the same")
      expect(rows.map { |row| row["product"] }).to include("primer_block", "primer_bond")
      version = plan["looks"].first["lock_version"]
      call(:patch, "/api/looks/#{made}",
           { lock_version: version, swap: { product: "primer_shellac", instead: "primer_block" } })
      primed = plan["plan"]["steps"].find { |one| one["phase"] == "Prime" }
      expect(primed).to include("label" => "Prime with water-based stain-blocking primer, coat 1",
                                "wait" => "overnight (12 h)")
    end
  end

  describe "house rules" do
    it "change the plan of every piece in hand" do
      look
      expect(steps).to include("scuff")
      version = call(:get, "/api/workshop").fetch("lock_version")
      call(:patch, "/api/workshop", { lock_version: version, practices: { grip: "deglosser" } })
      expect(steps).to include("deglosser").and(satisfy { |keys| !keys.include?("scuff") })
      expect(call(:get, "/api/catalogue").fetch("practices").find do |row|
        row["question"] == "grip"
      end).to include("chosen" => "deglosser")
      bad = call(:patch, "/api/workshop", { lock_version: version + 1, practices: { grip: "hope" } })
      expect(bad.to_s).to include("isn't an answer to")
    end
  end

  describe "products of the workshop's own" do
    it "take another preparation and number of coats where somebody says so, and refuse what is none" do
      fronts = plan["zones"].count { |zone| zone["group"] == "fronts" && zone["role"] == "front" }
      made = look(preparation: "sander", coats: "4", way: "brush")
      expect([steps.grep(/\Aladder/).empty?, steps.grep(/\Ascuff/)]).to eq([false, []])
      expect(steps.grep(%r{\Acoat/}).size).to eq(4)
      zone = plan["looks"].first["zones"].find { |one| one["zone"] == shown.first }
      expect(zone).to include("preparation" => "sander", "coats" => "4", "way" => "brush")
      coat = plan["plan"]["steps"].find { |one| one["key"].start_with?("coat/") }
      expect(coat).to include("ways" => ["brush"], "rests_on" => "usual")
      given = { zones: shown, finish: "paint", colour: "#ffffff" }
      refused = ->(field, value) { refusal(call(:put, "/api/looks/#{made}/zones", { **given, field => value }), field) }
      expect(refused.call(:coats, "9")).to include("8")
      expect([refused.call(:preparation, "blast"), refused.call(:way, "mop")]).to all(include("isn't one of the choices"))
      lined = lambda { |number|
        call(:patch, "/api/looks/#{made}",
             { inside: "liner", lined: number, lock_version: plan["looks"].first["lock_version"] })
      }
      expect(refusal(lined.call("0"), :lined)).to include("1")
      minutes = ["", "1"].map do |number|
        lined.call(number)
        plan["plan"]["steps"].find { |one| one["key"] == "liner" }["time"]["seconds"] / 60
      end
      expect([minutes,
              plan["looks"].first["fields"]["lined"]]).to eq([[minutes.last + (6 * (fronts - 1)), minutes.last], "1"])
      call(:put, "/api/looks/#{made}/zones", { **given, preparation: "none" })
      expect(plan["plan"]["faults"].map { |fault| fault["text"] }).to include(/scuff it until it is dull/)
    end

    it "win with the figures of their label, are tried first, and are not removed while a look uses them" do
      own = call(:post, "/api/products",
                 { label: "leaf green satin", generic: "paint_all", recoat: "4 h", rate: "8", pack_amount: "750", pack_price: "30" })
      made = look(product: own["key"])
      expect(steps).to include("try-product/#{own['key']}")
      coat = plan["plan"]["steps"].find { |one| one["phase"] == "Paint" && one["label"].include?("coat 1") }
      expect(coat).to include("label" => "Paint, coat 1: leaf green satin, #ffffff", "wait" => "4 h")
      line = plan["plan"]["materials"].find { |one| one["product"] == "#{own['key']}@#ffffff" }
      expect(line["packs"]).to match(/\A\d × 750 ml\z/)
      call(:patch, "/api/products/#{own['id']}", { recoat: "6 h" })
      expect(plan["plan"]["steps"].find { |one| one["key"] == coat["key"] }["wait"]).to eq("6 h")
      expect(call(:delete, "/api/products/#{own['id']}").fetch("errors").first["message"]).to include("part of a look")
      call(:put, "/api/looks/#{made}/zones", { zones: shown, finish: "oil" })
      call(:delete, "/api/products/#{own['id']}")
      expect(status).to eq(200)
      expect(refusal(call(:post, "/api/products", { label: "x", generic: "paint_all", rate: "0" }),
                     :rate)).to include("isn't above 0")
    end
  end
end
