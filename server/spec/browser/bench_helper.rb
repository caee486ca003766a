# frozen_string_literal: true

require_relative "browser_helper"
require "net/http"
require "sqlite3"

# Pieces with a look, worked so far that a given step comes next.
module BenchHands
  # What was done before that morning, through the address that the interface uses.
  def send_to(verb, path, body = nil)
    uri = URI("#{@server.address}/api#{path}")
    request = Net::HTTP.const_get(verb.capitalize).new(uri, "Content-Type" => "application/json",
                                                            "Origin" => @server.address)
    request.body = JSON.generate(body) if body
    answer = Net::HTTP.start(uri.host, uri.port, read_timeout: 60) { |http| http.request(request) }
    raise "#{path}: #{answer.body}" unless answer.code.start_with?("2")

    JSON.parse(answer.body)
  end

  def planned(piece, look, zones)
    id = send_to(:post, "/pieces",
                 { purchase: "30", bought_on: "2026-05-01", surface_material: "solid", made_about: "1995", **piece })["id"]
    made = send_to(:post, "/pieces/#{id}/looks", { name: "Plain" })["id"]
    keys = send_to(:get, "/pieces/#{id}/plan")["zones"].select { |zone| zone["shown"] }.map { |zone| zone["key"] }
    send_to(:put, "/looks/#{made}/zones", { zones: keys, **look })
    %w[dust solvent rags lift tip stripper knife].each do |caution|
      send_to(:post, "/pieces/#{id}/confirmations", { caution: caution })
    end
    work_up_to(id, zones)
    id
  end

  CHANGING = /\A(try-|strip|scrape|neutralise|coat|colour)/ # after these the plan is another

  # Done weeks ago, step by step.
  def work_up_to(id, wanted)
    until (open = open_steps(id)).first.start_with?(wanted)
      before = open.take_while { |step| !step.start_with?(wanted) }
      before.take((before.index { |step| step.match?(CHANGING) } || before.size) + 1).each do |step|
        if step.start_with?("try-")
          send_to(:post, "/pieces/#{id}/experiences",
                  { step: step, worked: "yes" })
        else
          done(id, step)
        end
      end
    end
  end

  def open_steps(id)
    send_to(:get, "/pieces/#{id}/plan")["plan"]["steps"].reject do |step|
      step["state"] == "done"
    end.map { |step| step["key"] }
  end

  def open_step(id) = open_steps(id).first
  def done(id, step) = send_to(:post, "/pieces/#{id}/steps/done", { step: step, reason: "weeks ago" })
  def tin(**rest) = send_to(:post, "/containers", { product: "paint_all", **rest })
end
