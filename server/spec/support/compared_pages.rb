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
               ahead: by_piece(read("/api/from-here")["rows"]), now: read("/api/today")["now"]["rows"].map { |row| row["piece"]["id"] },
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
    bench = Kohlrabi::Operations::Bench::Schedules.now
    bench.schedule.slots.values.to_h { |slot| [[slot.job.piece, bench.key(slot.job)], slot.chunks.sum { |from, to| to - from } * 60] }
  end

  def same(id, what, *values)
    @differences << [id, what, values] if values.uniq.size > 1
  end

  def compare(id, shared)
    page = read("/api/pieces/#{id}")
    plan = read("/api/pieces/#{id}/plan")
    price = read("/api/pieces/#{id}/pricing")
    rows = shared.slice(:floor, :schedule, :market).transform_values { |all| all[id] }.compact
    standing = page["standing"]
    same(id, "standing", standing, price["standing"], *rows.values.map { |row| row["standing"] })
    compare_work(id, page, plan, rows[:schedule], shared[:booked])
    compare_money(id, page, plan, price, shared)
    ahead = shared[:ahead][id]
    same(id, "advice", standing["advice"], ahead["advice"]) if ahead
    same(id, "sentence", standing["sentence"], ahead["text"]) if ahead
    same(id, "not suggested today", standing["stop"] && page["fields"]["promised_on"].empty? && shared[:now].include?(id), false)
  end

  def compare_work(id, page, plan, scheduled, booked)
    left = page["standing"]["work_left"]&.fetch("seconds")
    same(id, "work left of the budget", left, page.dig("budget", "to_come", "seconds")) if page["budget"]
    return unless plan["plan"] # without one it is what somebody said

    open = plan["plan"]["steps"].reject { |step| step["state"] == "done" }
    same(id, "work left of the plan", left, plan["plan"]["remaining"]["seconds"], open.sum { |step| step["remaining"]["seconds"] })
    same(id, "open steps once it is ready", [], open) if plan["plan"]["over"] && left.to_i.zero?
    return unless scheduled

    same(id, "work left of the week", left, scheduled["remaining"]["seconds"])
    open.each do |step|
      seconds = booked[[id, step["key"]]] or next
      same(id, "booked for #{step['key']}", [step["remaining"]["seconds"], 60].max, seconds)
    end
  end

  def compare_money(id, page, plan, price, shared)
    standing = page["standing"]
    likely = standing["likely"]
    same(id, "likely price", likely, *[price["value"], shared[:market].dig(id, "value")].compact.map { |value| value.slice("low", "middle", "high") }) if likely
    same(id, "spent", standing["spent"]&.fetch("minor"), shared[:floor][id]["cash_in"]&.fetch("minor"))
    finish = (page.dig("budget", "ways") || []).find { |way| way["label"] == "Finish as planned" }
    same(id, "pay from here on", standing["pay_from_here"], finish["pay"]) if finish
    same(id, "pay from here on in Books", standing["pay_from_here"], shared[:ahead][id]["pay"]) if shared[:ahead][id]
    chosen = plan["looks"].find { |look| look["chosen"] }
    paid = chosen && chosen["figures"].find { |figure| figure["key"] == "pay" }
    same(id, "pay when finished", standing["pay_when_finished"]&.fetch("minor"), paid["minor"]) if paid && standing["pay_when_finished"]
  end
end
