# frozen_string_literal: true

require_relative "api_helper"

# A workshop with planned pieces. It is Tuesday 30 June 2026, 12:00 UTC.
RSpec.shared_context "with planned pieces" do
  let(:me) { call(:get, "/api/workshop").fetch("people").first.fetch("id") }
  let(:id) { planned("Chest") }

  # A painted chest with a look, its lead question answered.
  def planned(name, **rest)
    made = piece(name: name, kind: "chest of drawers", width: "900", depth: "450", height: "850", drawer_rows: "1,1", surface_material: "solid",
                 **rest)
    look = call(:post, "/api/pieces/#{made}/looks", { name: "Plain" }).fetch("id")
    zones = call(:get, "/api/pieces/#{made}/plan").fetch("zones").select do |zone|
      zone["shown"]
    end.map { |zone| zone["key"] }
    call(:put, "/api/looks/#{look}/zones", { zones: zones, finish: "paint", colour: "#243b53" })
    call(:post, "/api/pieces/#{made}/lead", { answer: "clear" })
    %w[dust solvent lift tip].each { |caution| call(:post, "/api/pieces/#{made}/confirmations", { caution: caution }) }
    made
  end

  def hours(*rows)
    call(:put, "/api/people/#{me}/week", { rows: rows.map do |weekday, from, to|
      { weekday: weekday, from: from, to: to }
    end })
  end

  def schedule(from = nil) = call(:get, "/api/schedule#{"?from=#{from}" if from}")
  def day(iso) = schedule.fetch("days").find { |one| one["day"]["iso"] == iso }

  def today(**query)
    call(:get, "/api/today#{"?#{query.map { |name, value| "#{name}=#{value}" }.join('&')}" if query.any?}")
  end

  def keys(day) = day.fetch("steps").map { |step| step["step"] }
  def start(key, of: id, **rest) = call(:post, "/api/timers", { steps: [{ piece_id: of, step: key }], **rest })
  def done(key, **rest) = call(:post, "/api/pieces/#{id}/steps/done", { step: key, **rest })
  def wait_for(minutes) = at((Time.iso8601("2026-06-30T12:00:00Z") + (minutes * 60)).iso8601)
  def step(key) = call(:get, "/api/pieces/#{id}/plan").dig("plan", "steps").find { |one| one["key"] == key }
end
