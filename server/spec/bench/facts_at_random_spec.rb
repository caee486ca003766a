# frozen_string_literal: true

require_relative "../support/api_helper"

# A device as the interface is one: first in, first out, an entry goes when it was answered.
class NotingDevice
  attr_reader :queue

  def initialize(name, random)
    @name = name
    @random = random
    @queue = []
    @count = 0
  end

  # A fact with its path and body, noted at a moment.
  def note(path, body, at)
    @queue << { path: path, body: body, at: at, reference: "#{@name}-reference-#{@count += 1}",
                key: "#{@name}-first-key-#{@count}" }
  end

  # Tries to tell the first of what waits. The block sends it and returns the status.
  def tell
    entry = @queue.first or return
    return if @random.rand < 0.25 # the request is lost

    status = yield(entry)
    return if @random.rand < 0.3 # the answer is lost
    raise "#{entry}: #{status}" unless [200, 201, 409].include?(status)

    @queue.shift
  end

  # Begun anew: the same facts, and keys that nobody has seen.
  def reload = @queue.each { |entry| entry[:key] = "#{@name}-key-#{@random.rand(10**12)}-again" }
end

# Two devices note things at random while the network comes and goes: answers are lost, requests are lost, a device
# begins again from what it wrote down, with other keys. Whatever is interleaved, the workshop ends with what
# happened: no more, no less.
RSpec.describe "two devices by a bad network", :api do
  [1, 2].each do |seed|
    it "comes out even (#{seed})" do
      random = Random.new(seed)
      pieces = [piece(name: "Bench"), piece(name: "Stool")]
      tin = call(:post, "/api/containers",
                 { product: "paint_all", size: "4000 ml", paid: "40", bought_on: "2026-06-01" })["ids"].first
      people = [call(:get, "/api/workshop")["people"].first["id"], call(:post, "/api/people", { name: "Bram" })["id"]]
      devices = %w[one two].map { |name| NotingDevice.new(name, random) }
      sums = Hash.new(0)
      happen = lambda do |device, number|
        at = Time.utc(2026, 6, 30, 6) + (number * 120)
        share = [{ piece_id: pieces.sample(random: random) }]
        case random.rand(3)
        when 0
          cents = random.rand(1..999)
          sums[:money] += cents
          device.note("/api/costs", { what: "Screws", amount: format("%.2f", cents / 100.0), pieces: share }, at)
        when 1
          minutes = random.rand(1..40)
          sums[:hours] += minutes * 60
          body = { from: (at - (minutes * 60)).iso8601, to: at.iso8601, kind: "sanding",
                   person_id: people[devices.index(device)], piece_ids: share.map { |one| one[:piece_id] } }
          device.note("/api/work/timed", body, at)
        else
          sums[:drawn] += (amount = random.rand(1..30))
          device.note("/api/draws", { product: "paint_all", amount: "#{amount} ml", pieces: share }, at)
        end
      end
      60.times do |number|
        devices.each do |device|
          happen.call(device, number) if random.rand < 0.6
          device.reload if random.rand < 0.1
        end
        random.rand(0..2).times { devices.sample(random: random).tell { |entry| send_it(entry) } }
      end
      devices.each { |device| device.tell { |entry| send_it(entry) } until device.queue.empty? }
      # A ml of the tin costs a cent.
      expect([spent, worked, drawn(tin)]).to eq([sums[:money] + sums[:drawn], sums[:hours], sums[:drawn]])
      expect(pieces.sum { |id| figure(id, "cash_in")["minor"] }).to eq(6000 + sums[:money] + sums[:drawn])
    end
  end

  def send_it(entry)
    call(:post, entry[:path], entry[:body], { "HTTP_REFERENCE" => entry[:reference], "HTTP_IDEMPOTENCY_KEY" => entry[:key],
                                              "HTTP_HAPPENED_AT" => entry[:at].iso8601 })
    status
  end

  def spent = Records::Cost.live.sum(:amount_minor)
  def worked = Records::WorkEntry.live.sum(:seconds)
  def drawn(tin) = Records::Draw.live.where(container_id: tin).sum(:amount_thousandths) / 1000
end
