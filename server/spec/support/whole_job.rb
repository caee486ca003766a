# frozen_string_literal: true

require_relative "api_helper"

# Enters a whole job as a newcomer would: kind, size, problems, a starter look with few changes.
module WholeJob
  # fields: of the piece; problems: [kind, zone or nil, measure or nil]; starter: key of a look to begin with; look:
  # fields of that look; block: further changes. Returns the hours planned.
  def job(fields, problems, starter, **look)
    @id = sent(:post, "/api/pieces", { name: "Piece", bought_on: "2026-06-01", made_about: "1995", **fields })["id"]
    problems.each do |kind, zone, measure|
      sent(:post, "/api/pieces/#{@id}/findings", { kind: kind, zone: zone.to_s, measure: measure.to_s })
    end
    @look = sent(:post, "/api/pieces/#{@id}/looks", { name: "Look", starter: starter })["id"]
    sent(:patch, "/api/looks/#{@look}", { lock_version: shown_look["lock_version"], **look }) if look.any?
    yield if block_given?
    plan["hours"]["seconds"] / 3600.0
  end

  # A request that is taken. Returns the answer.
  def sent(...)
    call(...).tap { |answer| expect([status, answer["detail"]]).to match([be_between(200, 299), nil]) }
  end

  def page = call(:get, "/api/pieces/#{@id}/plan")
  def plan = page["plan"]
  def shown_look = page["looks"].find { |one| one["id"] == @look }

  # Zones by group or key; :shown is all that is seen, :painted what is painted in the look. choice: as it is sent.
  def change(which, **choice)
    sent(:put, "/api/looks/#{@look}/zones", { zones: zones_of(which), **choice })
  end

  def zones_of(which)
    return shown_look["zones"].select { |zone| zone["finish"] == "paint" }.map { |zone| zone["zone"] } if which == :painted

    zones = page["zones"]
    zones = zones.select { |zone| zone["shown"] } unless zones.map { |zone| [zone["key"]] }.include?(which)
    zones = zones.select { |zone| which.intersect?(zone.values_at("group", "key")) } unless which == :shown
    zones.map { |zone| zone["key"] }
  end

  def fitted(kind, number, treatment)
    others = shown_look["fittings"].reject { |one| one["kind"] == kind }
    sent(:put, "/api/looks/#{@look}/fittings", { fittings: [*others, { kind: kind, number: number, treatment: treatment }] })
  end

  # What a bench tool begins with for this piece, put on it.
  def work(tool, **typed)
    tools = call(:get, "/api/tools?piece=#{@id}")["groups"].flat_map { |group| group["tools"] }
    values = tools.find { |one| one["key"] == tool }["fields"].to_h { |field| field.values_at("name", "value") }
    sent(:post, "/api/pieces/#{@id}/tool-results", { tool: tool, values: values.merge(typed.transform_keys(&:to_s)) })
  end

  # A trial that did not work, its cautions read.
  def failed(step)
    plan["steps"].find { |one| one["key"] == step }["cautions"].each do |caution|
      sent(:post, "/api/pieces/#{@id}/confirmations", { caution: caution["key"] })
    end
    sent(:post, "/api/pieces/#{@id}/experiences", { step: step, worked: "no" })
  end

  # The house owns a sprayer.
  def sprayer
    sent(:patch, "/api/workshop", { lock_version: call(:get, "/api/workshop")["lock_version"], practices: { sprayer: "yes" } })
  end
end
