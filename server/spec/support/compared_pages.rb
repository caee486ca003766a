# frozen_string_literal: true

require_relative "api_helper"

# Compares what all pages say of the pieces in hand: same piece, same figure, same advice.
module ComparedPages
  IN_HAND = ["bought", "on the bench", "ready", "listed"].freeze

  # The parsed answer, without holding it against the contract: other specs do that, and here hundreds are read.
  def read(path) = JSON.parse(Rack::MockRequest.new(app).get(path, "HTTP_HOST" => "127.0.0.1").body)

  # Every difference between pages, as [piece, what, values]; none where all is well.
  def differences
    @differences = []
    shared = { floor: by_id(list), schedule: by_piece(read("/api/schedule")["pieces"]), market: by_piece(read("/api/market")["rows"]),
               ahead: by_piece(read("/api/from-here")["rows"]),
               now: read("/api/today")["now"]["rows"].map { |row| row["piece"]["id"] },
               booked: booked }
    shared[:floor].each_key { |id| compare(id, shared) }
    @differences
  end

  private

  def list
    (1..).each_with_object([]) do |page, rows|
      found = read("/api/pieces?view=in_hand&per=100&page=#{page}")
      rows.concat(found["rows"])
      break rows if rows.size >= found["total"]
    end
  end

  def by_id(rows) = rows.to_h { |row| [row["id"], row] }
  def by_piece(rows) = rows.to_h { |row| [row["piece"]["id"], row] }

  # {[piece id, step key] => seconds} that the schedule books, over all its days.
  def booked
    bench = Operations::Bench::Schedules.now
    bench.schedule.slots.values.to_h do |slot|
      [[slot.job.piece, bench.key(slot.job)], slot.chunks.sum do |from, to|
        to - from
      end * 60]
    end
  end

  def same(id, what, *values)
    @differences << [id, what, values] if values.uniq.size > 1
  end

  def compare(id, shared)
    pages = { page: read("/api/pieces/#{id}"), plan: read("/api/pieces/#{id}/plan"),
              price: read("/api/pieces/#{id}/pricing") }
    standing = pages[:page]["standing"]
    rows = shared.slice(:floor, :schedule, :market).values.filter_map { |all| all[id] }
    same(id, "standing", standing, pages[:price]["standing"], *rows.map { |row| row["standing"] })
    compare_work(id, standing, pages, shared)
    compare_week(id, pages[:plan]["plan"], shared)
    compare_money(id, standing, pages, shared)
    compare_pay(id, standing, pages)
    compare_ahead(id, standing, shared[:ahead][id])
    promised = !pages[:page]["fields"]["promised_on"].empty?
    same(id, "not suggested today", standing["stop"] && !promised && shared[:now].include?(id), false)
  end

  def open_steps(plan) = plan["steps"].reject { |step| step["state"] == "done" }

  def compare_work(id, standing, pages, shared)
    left = standing["work_left"]&.fetch("seconds")
    if pages[:page]["budget"]
      same(id, "work left of the budget", left,
           pages[:page].dig("budget", "to_come", "seconds"))
    end
    plan = pages[:plan]["plan"] or return # without one it is what somebody said

    same(id, "work left of the plan", left, plan["remaining"]["seconds"], open_steps(plan).sum do |step|
      step["remaining"]["seconds"]
    end)
    same(id, "open steps once it is ready", [], open_steps(plan)) if plan["over"] && left.to_i.zero?
    same(id, "work left of the week", left, shared[:schedule][id]["remaining"]["seconds"]) if shared[:schedule][id]
  end

  # The week books each open step for the work left in it.
  def compare_week(id, plan, shared)
    return unless plan && shared[:schedule][id]

    open_steps(plan).each do |step|
      seconds = shared[:booked][[id, step["key"]]]
      same(id, "booked for #{step['key']}", [step["remaining"]["seconds"], 60].max, seconds) if seconds
    end
  end

  def compare_money(id, standing, pages, shared)
    shown = [pages[:price]["value"], shared[:market].dig(id, "value")].compact.map do |value|
      value.slice("low", "middle", "high")
    end
    same(id, "likely price", standing["likely"], *shown) if standing["likely"]
    same(id, "spent", standing["spent"]&.fetch("minor"), shared[:floor][id]["cash_in"]&.fetch("minor"))
  end

  def compare_pay(id, standing, pages)
    finish = (pages[:page].dig("budget", "ways") || []).find { |way| way["label"] == "Finish as planned" }
    same(id, "pay from here on", standing["pay_from_here"], finish["pay"]) if finish
    chosen = pages[:plan]["looks"].find { |look| look["chosen"] } or return
    paid = chosen["figures"].find { |figure| figure["key"] == "pay" }
    return unless standing["pay_when_finished"]

    same(id, "pay when finished", standing["pay_when_finished"]["minor"],
         paid["minor"])
  end

  def compare_ahead(id, standing, ahead)
    return unless ahead

    same(id, "pay from here on in Books", standing["pay_from_here"], ahead["pay"])
    same(id, "advice", standing.values_at("advice", "sentence"), ahead.values_at("advice", "text"))
  end
end
