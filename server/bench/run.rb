# frozen_string_literal: true

require_relative "../boot"
require "rack/mock"
require "tmpdir"
require_relative "generated"
require_relative "bare_sql"
require_relative "first_screen"
require_relative "cases"

$stdout.sync = true # each figure shows as it is had, also where the output goes to a file

# Times what people wait for over 10,000 generated flips, and prints each figure beside its budget. Machines differ by a
# factor of two from day to day, so times are scaled: they hold where the first line (Books, bare SQL over what was
# recorded) takes 200 ms. Exits with 1 where one misses its budget by more than a quarter.
class Bench
  RUNS = 15
  REFERENCE = 0.200 # seconds of the first line on the machine that the budgets are meant for
  SLACK = 1.25
  LINE = "%-46s %10s %10s %10s %10s  %s"

  def run
    @missed = []
    Dir.mktmpdir do |folder|
      Records::Database.open(File.join(folder, "bench.sqlite3"))
      lay_out
      @app = Api::Stack.build
      @scale = REFERENCE / median(sql(BareSql::BOOKS))
      puts format("Books, bare SQL over what was recorded: %.0f ms; all times are multiplied by %.2f", REFERENCE / @scale * 1000, @scale)
      puts format(LINE, "", "measured", "worst", "scaled", "budget", "")
      pages
      planning
      files(folder)
      whole_application
    end
    verdict
  end

  private

  def lay_out
    took = clock { Generated.new(flips: 10_000, entries: 200_000, lines: 60_000, in_hand: 60).fill }
    30.times { |number| Cases.piece_in_work(number) }
    40.times { |number| Operations::Scout::Prospects.create("kind" => %w[desk chair stool].at(number % 3), "condition" => "worn", "tag" => "30") }
    puts format("10,000 flips, 60 in hand, 30 more in work, 200,000 hour entries, 60,000 cost lines: laid out in %.0f s", took)
  end

  def pages
    { "Today" => "today", "Floor of 40" => "pieces", "a piece" => "pieces/5000", "a piece in work" => "pieces/10001",
      "its plan" => "pieces/10001/plan", "its price page" => "pieces/10001/pricing",
      "Week" => "schedule", "Market" => "market", "Books" => "books", "Books by kind" => "books/compare?by=kind",
      "Books, spread" => "books/spread", "Books, passing" => "books/passing", "What if without a kind" => "what-if/without?by=kind&trait=desk",
      "archive, first page of 40" => "pieces?view=archive&sort=ended_on", "archive, page 200" => "pieces?view=archive&sort=ended_on&page=200",
      "archive by hourly pay" => "pieces?view=archive&sort=hourly_pay", "archive narrowed down" => "pieces?view=archive&query=flip+77",
      "40 spotted pieces" => "prospects", "Shelf" => "shelf", "Shopping" => "shopping" }
      .each { |name, path| row(name, get("/api/#{path}"), name.match?(/Today|plan|price page/) ? 80 : 50) }
    row("an answer while typing (spotted piece)", send_json(:post, "/api/prospects/answer", kind: "desk", condition: "worn", tag: "45"), 150)
    row("a change on a planned piece", change, 150)
  end

  # Another wear of a planned piece, told and answered, with its plan worked out again.
  def change
    look = Records::Look.live.where(chosen: true).first
    wear = %w[display everyday].cycle
    measure { answer(:patch, "/api/looks/#{look.id}", wear: wear.next, lock_version: look.reload.lock_version) }
  end

  def planning
    planner = Core::Planning::Planner
    brief = Cases.sideboard
    row("a plan of 200 problems on 20 zones", measure { planner.new(brief).plan.steps }, 50)
    row("the same with its replay", measure { planner.new(brief).plan.faults }, 50)
    minute = Clock.now.to_i / 60
    row("30 pieces scheduled again", measure { Operations::Bench::Schedules.new(minute).schedule }, 1000)
    bench = Operations::Bench::Schedules.new(minute)
    last = bench.pieces.keys.filter_map { |id| bench.schedule.ready(id) }.max
    puts format("  the last is ready at %.2f times what cannot be undercut (longest chain, or hands over hours)",
                (last - minute) / (bench.bound - minute).to_f)
  end

  # Each once: they take seconds.
  def files(folder)
    row("archive without photos", once { Backups.write(File.join(folder, "archive.zip")) }, 6000)
    row("journal", once { Operations::Books::Exports.journal }, 5000)
    row("flips as CSV", once { @csv = Operations::Books::Exports.flips }, 5000)
    text = @csv.lines.first(5001).join.gsub(/^Flip/, "Again")
    row("import of 5,000 rows", once { Operations::Books::Spreadsheet.new(text, skip_bad: true, again: true).take! }, 5000)
  end

  def whole_application
    row("start of an installed server", starts, 2000)
    figure("first screen, kB of script after gzip", FirstScreen.script_bytes / 1000.0, 180)
    figure("memory of this run at its highest, MB", File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1000.0, 1000)
  end

  # The first start makes the database and does not count.
  def starts
    Dir.mktmpdir do |home|
      Array.new(4) do
        start = now
        took = nil
        Cases.start_server(home) { took = now - start }
        took
      end.drop(1)
    end
  end

  # times: seconds; budget: milliseconds, scaled.
  def row(name, times, budget)
    scaled = median(times) * 1000 * @scale
    print_line(name, format("%.0f ms", median(times) * 1000), format("%.0f", times.max * 1000), scaled, budget)
  end

  def figure(name, value, budget) = print_line(name, "", "", value, budget)

  def print_line(name, measured, worst, value, budget)
    missed = value > budget * SLACK
    @missed << name if missed
    puts format(LINE, name, measured, worst, format("%.0f", value), budget, ("MISSED" if missed) || ("over" if value > budget)).rstrip
  end

  def verdict
    puts @missed.empty? ? "All within a quarter of their budgets." : "Missed: #{@missed.join(', ')}."
    exit 1 if @missed.any?
  end

  def median(times) = times.sort[times.size / 2]
  def sql(text) = measure { Records::Base.connection.select_rows(text) }
  def get(path) = measure { answer(:get, path) }
  def send_json(verb, path, **body) = measure { answer(verb, path, **body) }

  def answer(verb, path, **body)
    options = { "HTTP_HOST" => "127.0.0.1" }
    options.update("CONTENT_TYPE" => "application/json", input: JSON.generate(body)) unless verb == :get
    answer = Rack::MockRequest.new(@app).request(verb.to_s.upcase, path, options)
    raise "#{path}: #{answer.status} #{answer.body}" unless answer.successful?
  end

  # Seconds of each run, after one that warms up.
  def measure(&block)
    yield
    Array.new(RUNS) { clock(&block) }
  end

  def once(&) = [clock(&)]

  def clock
    start = now
    yield
    now - start
  end

  def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
end

Bench.new.run
