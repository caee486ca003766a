# frozen_string_literal: true

require_relative "browser_helper"
require "net/http"
require "sqlite3"

# Pieces with a look, worked so far that a given step comes next.
module BenchHands
  # What was done before that morning, through the address that the interface uses.
  def send_to(verb, path, body = nil)
    uri = URI("#{@server.address}/api#{path}")
    request = Net::HTTP.const_get(verb.capitalize).new(uri, "Content-Type" => "application/json", "Origin" => @server.address)
    request.body = JSON.generate(body) if body
    answer = Net::HTTP.start(uri.host, uri.port, read_timeout: 60) { |http| http.request(request) }
    raise "#{path}: #{answer.body}" unless answer.code.start_with?("2")

    JSON.parse(answer.body)
  end

  def planned(piece, look, zones)
    id = send_to(:post, "/pieces", { purchase: "30", bought_on: "2026-05-01", surface_material: "solid", made_about: "1995", **piece })["id"]
    made = send_to(:post, "/pieces/#{id}/looks", { name: "Plain" })["id"]
    keys = send_to(:get, "/pieces/#{id}/plan")["zones"].select { |zone| zone["shown"] }.map { |zone| zone["key"] }
    send_to(:put, "/looks/#{made}/zones", { zones: keys, **look })
    %w[dust solvent rags lift tip stripper knife].each { |caution| send_to(:post, "/pieces/#{id}/confirmations", { caution: caution }) }
    until (step = open_step(id)).start_with?(zones)
      step.start_with?("try-") ? send_to(:post, "/pieces/#{id}/experiences", { step: step, worked: "yes" }) : done(id, step)
    end
    id
  end

  def open_step(id) = send_to(:get, "/pieces/#{id}/plan")["plan"]["steps"].find { |step| step["state"] != "done" }["key"]
  def done(id, step) = send_to(:post, "/pieces/#{id}/steps/done", { step: step, reason: "weeks ago" })
  def tin(**rest) = send_to(:post, "/containers", { product: "paint_all", **rest })
end
