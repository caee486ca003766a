# frozen_string_literal: true

require_relative "../boot"
require "tmpdir"
require_relative "generated"
require_relative "bare_sql"
require_relative "first_screen"
require_relative "plan"
require_relative "../../core/spec/support_any_piece"
require_relative "stick_cases"
require_relative "thirty_pieces"

$stdout.sync = true # each figure shows as it is had, also where the output goes to a file

# Prints each response as median and worst of many, and as a ratio to bare SQL measured in the same run.
class Bench
  RUNS = 15

  def run
    Dir.mktmpdir do |folder|
      Records::Database.open(File.join(folder, "bench.sqlite3"))
      took = clock { Generated.new(flips: 10_000, entries: 200_000, lines: 60_000).fill }
      puts format("10,000 flips, 200,000 hour entries, 60,000 cost lines laid out in %.0f s", took)
      @app = Api::Stack.build
      40.times { |i| Operations::Scout::Prospects.create("kind" => %w[desk chair stool].at(i % 3), "condition" => "worn", "tag" => "30") }
      responses
      plans
      schedule
      sticks
      weight
      files(folder)
    end
  end

  private

  def responses
    puts "                                                median ms   worst ms      ratio"
    row("Books, bare SQL over what was recorded", books = sql(BareSql::BOOKS))
    row("Books, the same without removals and kinds", sql(BareSql::BOOKS_LEAST), books)
    row("Books, bare SQL over the summaries", sql(BareSql::BOOKS_FROM_SUMMARIES), books)
    row("Books, response (aim: 50 ms)", get("/api/books"), books)
    grouped(books)
    row("Floor, bare SQL", floor = sql(BareSql::FLOOR))
    row("Floor of 40, response (aim: 50 ms)", get("/api/pieces"), floor)
    row("a piece, bare SQL", piece = sql(BareSql::PIECE))
    row("a piece, response (aim: 50 ms)", get("/api/pieces/5000"), piece)
    lists
  end

  def grouped(books)
    Operations::Books::Traits::ALL.each_key { |by| row("Books by #{by}, response (aim: 50 ms)", get("/api/books/compare?by=#{by}"), books) }
    %w[spread passing].each do |page|
      row("Books, #{page}, response (aim: 50 ms, passing 100)", get("/api/books/#{page}"), books)
    end
    row("What if without a kind, response", get("/api/what-if/without?by=kind&trait=desk"), books)
  end

  def lists
    row("archive, first page of 40", get("/api/pieces?view=archive&sort=ended_on"))
    row("archive, page 200", get("/api/pieces?view=archive&sort=ended_on&page=200"))
    row("archive by hourly pay", get("/api/pieces?view=archive&sort=hourly_pay"))
    row("archive narrowed down", get("/api/pieces?view=archive&query=flip+77"))
    row("Today (aim: 80 ms)", get("/api/today"))
    row("Market (aim: 80 ms)", get("/api/market"))
    row("Scout, an answer while typing (aim: under 500 ms)",
        post("/api/prospects/answer", kind: "desk", condition: "worn", tag: "45"))
    row("Scout, 40 spotted pieces", get("/api/prospects"))
  end

  def plans
    planner = Core::Planning::Planner
    row("a plan of 200 findings on 20 zones (aim: under 50 ms)", measure { planner.new(BenchPlan.brief).plan.steps })
    row("the same with its replay (aim: under 40 ms)", measure { planner.new(BenchPlan.brief).plan.faults })
    plans = Array.new(5000) { |seed| planner.new(AnyPiece.brief(seed)).plan }
    later = (0...5000).filter_map { |seed| AnyPiece.found_later(seed)&.map { |brief| planner.new(brief).plan } }
    worse = later.count { |before, after| AnyPiece.new_faults(after, before).any? }
    puts "#{later.size} of them part-done, with something found then: #{worse} with a new fault (aim: 0)"
    faulty = plans.count { |plan| plan.faults.any? { |fault| !AnyPiece.unmet?(fault, plan.brief) } }
    puts "5,000 generated pieces planned and replayed: #{faulty} with a fault (aim: 0)"
  end

  # Everything planned anew, and how close the last ready time comes to what cannot be undercut.
  def schedule
    ThirtyPieces.fill
    minute = Clock.now.to_i / 60
    bench = Operations::Bench::Schedules.new(minute)
    steps = bench.plans.values.sum { |plan| plan.steps.size }
    row("#{bench.pieces.size} pieces, #{steps} steps planned anew (aim: 1 s)", measure do
      Operations::Bench::Schedules.new(minute).schedule
    end)
    row("Today with them, from memory (aim: under 100 ms)", get("/api/today"))
    last = bench.pieces.keys.filter_map { |id| bench.schedule.ready(id) }.max
    ratio = (last - minute) / (bench.bound - minute).to_f
    puts format("last ready time over what cannot be undercut (longest chain, or hands over hours): %.2f", ratio)
  end

  # How many cutting plans are proven; the worst is said too.
  def sticks
    { "of a few lengths" => StickCases.repeating(150),
      "all different" => StickCases.different(60) }.each do |name, cases|
      proven, gap, worst = StickCases.measure(cases)
      puts format("stick plans up to 60 parts, %s: %d of %d proven within 2 s; largest gap %d, slowest %.2f s", name,
                  proven, cases.size, gap, worst)
    end
  end

  def weight
    kilobytes = FirstScreen.script_bytes / 1000.0
    puts format("first screen, script after gzip: %.0f kB (aim: at most 180 kB)", kilobytes)
  end

  # Each once: they take seconds.
  def files(folder)
    took = clock { Backups.write(File.join(folder, "archive.zip")) }
    puts format("archive of %d flips without photos: %.1f s (aim: under 20 s)", Records::Piece.count, took)
    took = clock { Operations::Books::Exports.journal }
    puts format("journal of them: %.1f s (aim: 3 s)", took)
    took = clock { @csv = Operations::Books::Exports.flips }
    puts format("flips as CSV: %.1f s (aim: 3 s)", took)
    text = @csv.lines.first(5001).join.gsub(/^Flip/, "Again")
    took = clock { Operations::Books::Spreadsheet.new(text, skip_bad: true, again: true).take! }
    puts format("import of 5,000 rows: %.1f s (aim: under 5 s)", took)
  end

  def row(name, times, base = nil)
    median = times.sort[times.size / 2]
    puts format("%-46s %10.1f %10.1f %10s", name, median * 1000, times.max * 1000,
                base ? format("%.2f", median / base.sort[base.size / 2]) : "")
  end

  def sql(text) = measure { Records::Base.connection.select_rows(text) }

  def get(path)
    request = Rack::MockRequest.new(@app)
    measure do
      request.get(path, "HTTP_HOST" => "127.0.0.1").then do |answer|
        raise answer.body unless answer.status == 200
      end
    end
  end

  def post(path, **body)
    request = Rack::MockRequest.new(@app)
    headers = { "HTTP_HOST" => "127.0.0.1", "CONTENT_TYPE" => "application/json", input: JSON.generate(body) }
    measure { request.post(path, headers).then { |answer| raise answer.body unless answer.status == 200 } }
  end

  def measure(&block)
    yield # once to warm up
    Array.new(RUNS) { clock(&block) }
  end

  def clock
    start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    yield
    Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
  end
end

Bench.new.run
