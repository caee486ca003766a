# frozen_string_literal: true

require_relative "../support/planned_pieces"
require_relative "../support/older_database"

# Slats, wrap and the like are kept with a look, and are in its plan, cut list, cost and hours.
RSpec.describe "work that a look puts on", :api do
  include_context "with planned pieces"

  def page = call(:get, "/api/pieces/#{id}/plan")
  def look = page["looks"].first
  def keys = page["plan"]["steps"].map { |step| step["key"] }
  def minor(key) = look["figures"].find { |figure| figure["key"] == key }["minor"]

  def keep(tool, of: id, values: {}, **rest)
    call(:post, "/api/pieces/#{of}/tool-results", { tool: tool, values: values(tool, **values), **rest })
  end

  def begun = call(:get, "/api/tools?piece=#{id}")["groups"].flat_map { |group| group["tools"] }

  # As the form begins for this piece.
  def values(tool, **typed)
    fields = begun.find { |one| one["key"] == tool }["fields"]
    fields.to_h { |field| [field["name"], field["value"]] }.merge(typed.transform_keys(&:to_s))
  end

  it "stands in the plan with its steps, cut list, wood and paint, and goes with one tap" do
    before = [page["plan"]["remaining"]["seconds"], minor("materials_to_come")]
    made = keep("slats", cost: "18.50")
    expect(made).to include("in_look" => true, "where" => "All drawer fronts", "cost" => include("text" => "€18.50"))
    expect(made["cuts"].first["count"]).to be > 5
    expect(keys).to include("slats-cut/#{made['id']}", "slats-fix/#{made['id']}", "ground")
    label = page["plan"]["steps"].find { |step| step["key"] == "slats-cut/#{made['id']}" }["label"]
    expect(label).to eq("Cut #{made['cuts'].sum { |cut| cut['count'] } * 2} slats against a stop block") # on two fronts
    expect(page["plan"]["remaining"]["seconds"] - before[0]).to be > 3600
    expect(minor("materials_to_come") - before[1]).to be > 1850 # and glue, and paint for the relief
    expect(Records::Piece.find(id)).to have_attributes(cost_to_come_minor: minor("materials_to_come"),
                                                       seconds_to_come: page["plan"]["remaining"]["seconds"])
    call(:delete, "/api/tool-results/#{made['id']}")
    expect([page["plan"]["remaining"]["seconds"], minor("materials_to_come")]).to eq(before)
  end

  it "is put on the zones that are named, and refuses slats wider than a front, zones that are none, and a cost that is none" do
    made = keep("slats", zones: ["front-1-1"])
    expect(made["where"]).to eq("Drawer front 1")
    wide = keep("slats", values: { field: "1200" })
    expect(refusal(wide, :field)).to include("is only", "wide")
    expect(refusal(keep("slats", zones: ["moon"]), :zones)).to include("no zone")
    expect(refusal(keep("slats", cost: "much"), :cost)).not_to be_empty
    expect(refusal(keep("legs", values: { high: "9000" }), :high)).to include("1200")
    expect(look["works"].map { |row| row["id"] }).to eq([made["id"]])
  end

  it "goes with its look: another look has its own, a copied one the same, and shopping asks for the chosen one's" do
    keep("brackets")
    plain = call(:post, "/api/pieces/#{id}/looks", { name: "Without" })["id"]
    like = call(:post, "/api/pieces/#{id}/looks", { name: "Same", like: look["id"] })["id"]
    works = page["looks"].to_h { |one| [one["id"], one["works"].map { |row| row["tool"] }] }
    expect(works.values_at(plain, like)).to eq([[], ["brackets"]])
    hours(1, "09:00", "17:00")
    screws = -> { call(:get, "/api/shopping")["rows"].to_s.scan("wood screws").size }
    expect(screws.call).to be_positive
    call(:post, "/api/looks/#{plain}/choose")
    expect([screws.call, keys.grep(/brackets/)]).to eq([0, []])
  end

  describe "fittings" do
    def said(*rows) = call(:put, "/api/looks/#{look['id']}/fittings", { fittings: rows })

    it "are said by kind, in the plan, and refused where they cannot be" do
      told = said({ kind: "hinge", number: "6", treatment: "sprayed" }, { kind: "castor", number: "4", missing: "1" },
                  { kind: "lock", number: "" })
      expect(told["changes"].join).to include("of work left")
      expect(keys).to include("fitting-off/hinge", "fitting-spray/hinge-1", "fitting-match/castor",
                              "fitting-new/castor")
      expect(keys).not_to include("pads")
      expect(look["fittings"].map do |row|
        row.values_at("kind", "number", "missing")
      end).to eq([%w[hinge 6 0], %w[castor 4 1]])
      expect(refusal(said({ kind: "hinge", number: "2", missing: "3" }),
                     :missing)).to include("You entered more missing hinges than there are in all: 2")
      expect(refusal(said({ kind: "hinge", number: "0" }), :number)).not_to be_empty
      expect(refusal(said({ kind: "wings", number: "2" }), :kind)).to include("isn't one of the choices")
      expect(look["fittings"].size).to eq(2)
      said
      expect([look["fittings"], keys.grep(/fitting/), keys.include?("pads")]).to eq([[], [], true])
    end

    it "count six pulls on four drawers, and no pulls where there is nothing to pull" do
      set = lambda { |of, number|
        call(:patch, "/api/looks/#{of['id']}", { lock_version: of["lock_version"], hardware: "sprayed", pulls: number })
      }
      set.call(look, "6")
      expect(look["fields"]["pulls"]).to eq("6")
      stool = piece(name: "Stool", kind: "stool")
      call(:post, "/api/pieces/#{stool}/looks", { name: "Plain" })
      other = call(:get, "/api/pieces/#{stool}/plan")["looks"].first
      expect(refusal(set.call(other, "7"), :pulls)).to include("no drawer or door")
    end
  end

  it "belongs to nothing where there is no look yet, and keeps its old way" do
    stool = piece(name: "Stool", kind: "stool")
    expect(keep("brackets", of: stool)).to include("in_look" => false)
  end

  describe "what a tool had kept on a piece" do
    include_context "with an older database"

    it "moves into the chosen look, and its loose steps give way to those in their place", :own_data do
      older(20_261_127_000_009)
      stamp = "'2026-01-01', '2026-01-01'"
      insert = ->(sql) { ActiveRecord::Base.connection.execute(sql) }
      insert.call("INSERT INTO pieces (id, ticket, name, kind, created_at, updated_at) VALUES (1, 1, 'Chest', 'chest of drawers', #{stamp})")
      insert.call("INSERT INTO looks (id, piece_id, name, chosen, created_at, updated_at) VALUES (1, 1, 'Plain', 1, #{stamp})")
      insert.call("INSERT INTO tool_results (id, piece_id, tool, given, unit, materials, created_at, updated_at) " \
                  "VALUES (1, 1, 'brackets', '{\"drawers\":\"2\"}', 'mm', '{\"screws\":\"36\"}', #{stamp})")
      insert.call("INSERT INTO tool_results (id, piece_id, tool, given, unit, created_at, updated_at) " \
                  "VALUES (2, 1, 'quantity', '{}', 'mm', #{stamp})")
      [1, 2].each do |result|
        insert.call("INSERT INTO plan_edits (piece_id, kind, deed, text, tool_result_id, created_at, updated_at) " \
                    "VALUES (1, 'add', '{\"verb\":\"plain\",\"name\":\"wash\"}', 'x', #{result}, #{stamp})")
      end
      brought_up
      expect(records::ToolResult.order(:id).pluck(:look_id)).to eq([1, nil])
      expect(records::PlanEdit.pluck(:tool_result_id)).to eq([2])
      work = Operations::Planning::AppliedWorks.core(records::Look.first).first
      expect([work.tool, work.parts, work.materials]).to eq(["brackets", 8, { "screws" => 36 }])
    end
  end
end
