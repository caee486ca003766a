# frozen_string_literal: true

require_relative "format_helper"

# What a person meets when the worst has happened to the database, and what a restore takes and refuses.
RSpec.describe "bin/kohlrabi restore, when it is needed most", :own_data do
  include_context "with a home of its own"

  archives = File.join(__dir__, "archives")

  def database = File.join(@home, "workshop.sqlite3")
  def copy(name = "copy.zip") = File.join(@home, name)
  def report = JSON.parse(run("report").first)
  def aside = Dir["#{database}.before-restore-*"]

  # A flip with 66.67 of profit.
  def flip(name = "Larch chest")
    path = File.join(@home, "#{name}.csv")
    File.write(path, "name,bought_on,purchase,sold_on,sale_price\n#{name},2025-01-10,33.33,2025-02-10,100.00\n")
    run("import", path)
  end

  # The archive with some entries written anew, every fingerprint right.
  def forged(from: copy, to: copy("forged.zip"))
    FileUtils.cp(from, to)
    Zip::File.open(to) do |zip|
      manifest = JSON.parse(zip.read("manifest.json"))
      write = lambda do |name, text|
        zip.remove(name) if zip.find_entry(name)
        zip.get_output_stream(name) { |out| out.write(text) }
      end
      yield zip, manifest, write
      write.call("manifest.json", JSON.generate(manifest))
    end
    to
  end

  def table(zip, manifest, write, name)
    rows = zip.read("tables/#{name}.jsonl").each_line.map { |line| JSON.parse(line) }
    text = yield(rows).map { |row| "#{JSON.generate(row)}\n" }.join
    write.call("tables/#{name}.jsonl", text)
    manifest["tables"][name] = { "rows" => text.lines.size, "sha256" => Digest::SHA256.hexdigest(text) }
  end

  { "junk" => ->(file) { File.binwrite(file, "not a database at all\n" * 99) },
    "cut short" => ->(file) { File.truncate(file, 50_000) },
    "overwritten in its middle" => lambda { |file|
      File.open(file, "r+b") do |io|
        io.seek(8192) && io.write("x" * 40_000)
      end
    } }.each do |what, harm|
    it "says so where the database is #{what}, names the copies, restores over it and puts the wreck aside" do
      flip
      FileUtils.mkdir_p(File.join(@home, "backups"))
      run("backup", File.join(@home, "backups/workshop-2026-06-29.zip"))
      harm.call(database)
      wreck = File.binread(database)
      [%w[doctor], %w[serve --port 4897], %w[report], ["import", copy]].each do |command|
        File.write(copy, "name\nDesk\n")
        _, errors, status = run(*command)
        expect([command, status.exitstatus,
                errors]).to match([command, 1, /database is damaged \(.+\): .*workshop.sqlite3\nCopies next to it:\n/])
        expect(errors).to match(/  .*workshop-2026-06-29.zip \(daily copy, 29 Jun 2026\)\nRestore one with/)
      end
      expect(File.binread(database)).to eq(wreck)
      output, errors, status = run("restore", File.join(@home, "backups/workshop-2026-06-29.zip"))
      expect([status.success?, errors,
              output]).to match([true, "", /Restored: 1 flips. The old workshop is kept as/])
      expect(report["totals"]["cash_profit"]).to eq("66.67")
      expect(File.binread(aside.first)).to eq(wreck)
    end
  end

  around do |example|
    mine = Records::Database.file
    Records::Database.close if example.description.include?("any damaged archive")
    example.run
    Records::Database.open(mine) unless Records::Database.file == mine
  end

  it "takes no empty or missing database for a new workshop where copies lie beside it, unless it is told to" do
    flip
    FileUtils.mkdir_p(File.join(@home, "backups"))
    run("backup", File.join(@home, "backups/workshop-2026-06-29.zip"))
    [-> { File.truncate(database, 0) }, -> { FileUtils.rm_f(database) }].each do |harm|
      Dir["#{database}*"].each { |file| FileUtils.rm_f(file) unless file == database }
      harm.call
      _, errors, status = run("report")
      expect([status.exitstatus, errors]).to match([1, /database is missing or empty.*Copies next to it:/m])
      expect(errors).to include("To begin a new workshop all the same: bin/kohlrabi serve --begin-anew")
    end
    expect(run("restore", File.join(@home, "backups/workshop-2026-06-29.zip")).first).to eq("Restored: 1 flips.\n")
    expect(aside).to eq([])
  end

  it "brings back a database that an earlier restore put aside, and refuses one that is none" do
    flip
    run("backup", copy)
    flip("Late stool")
    run("restore", copy)
    expect(report["flips"].size).to eq(1)
    expect(run("restore", aside.first).first).to include("Restored: 2 flips.")
    SQLite3::Database.new(copy("empty.sqlite3")) { |data| data.execute("CREATE TABLE a (b)") }
    [copy("empty.sqlite3"), copy("cut.sqlite3").tap do |path|
      File.binwrite(path, File.binread(database)[0, 60_000])
    end].each do |path|
      _, errors, status = run("restore", path)
      expect([status.exitstatus,
              errors]).to match([1,
                                 /(There's no workshop in this database|database is damaged).* Nothing was changed/])
    end
    expect(report["flips"].size).to eq(2)
  end

  it "leaves the old workshop or the new one, whole, wherever it is stopped" do
    flip
    run("backup", copy)
    flip("Late stool")
    outcomes = %w[copying before after].map do |moment|
      stopped_at(moment)
      run("doctor").tap { |_, errors, status| expect([status.success?, errors]).to eq([true, ""]) }
      report["flips"].size.tap { flip("Late stool") }
    end
    expect(outcomes).to eq([2, 2, 1])
  end

  # Runs a restore that ends without warning when the new database takes its place.
  def stopped_at(moment)
    target = database
    pid = fork do
      Clock.source = nil
      [$stdout, $stderr].each { |io| io.reopen(File::NULL) }
      FileUtils.singleton_class.prepend(Module.new { define_method(:cp) { |*| exit!(9) } }) if moment == "copying"
      File.singleton_class.prepend(Module.new do
        define_method(:rename) do |from, to|
          exit!(9) if to == target && moment == "before"
          super(from, to)
          exit!(9) if to == target
        end
      end)
      Restore.new(copy, target).run
      exit!(0)
    end
    Process.wait(pid)
    expect($?.exitstatus).to eq(9) # rubocop:disable Style/SpecialGlobalVars
  end

  Dir[File.join(archives, "*.zip")].each do |archive|
    it "brings up to date what version #{File.basename(archive, '.zip')} wrote, with the figures it had then" do
      output, errors, status = run("restore", archive)
      expect([status.success?, errors, output]).to match([true, "", /Restored: 18 flips/])
      expect(run("doctor").first).to include("Everything is fine: 18 flips")
      # As they read when the archive was written by that version.
      chest = report["flips"].find { |one| one["name"] == "Larch chest" }
      expect([chest["cash_profit"], chest["cash_in"]]).to eq(["66.66", "33.33"])
      SQLite3::Database.new(database) do |data|
        expect(data.get_first_value("SELECT SUM(cash_profit_minor) FROM flip_summaries")).to eq(-3171)
        photo = data.get_first_value("SELECT fingerprint FROM photos")
        expect(File.file?(File.join(@home, "photos", photo[0, 2], "#{photo}.jpg"))).to be(true)
      end
    end
  end

  it "computes every figure anew: one that was forged in the file does not stand" do
    flip
    run("backup", copy)
    path = forged do |zip, manifest, write|
      table(zip, manifest, write, "flip_summaries") do |rows|
        rows.map do |row|
          row.merge("cash_profit_minor" => 999_999, "stage" => "kept")
        end
      end
    end
    expect(run("restore", path).first).to include("Restored: 1 flips")
    expect(report["totals"].values_at("cash_profit", "sold")).to eq(["66.67", 1])
  end

  it "refuses a photo that is no picture, and lines with fields or values that no table has" do
    flip
    run("backup", copy)
    before = report
    page = "<html><script>alert(1)</script></html>"
    photo = forged do |_, manifest, write|
      name = "ab/#{'ab' * 32}.jpg"
      write.call("photos/#{name}", page)
      manifest["photos"][name] = Digest::SHA256.hexdigest(page)
    end
    field = forged(to: copy("field.zip")) do |zip, manifest, write|
      table(zip, manifest, write, "pieces") { |rows| rows.map { |row| row.merge("name\") VALUES (1); --" => 1) } }
    end
    value = forged(to: copy("value.zip")) do |zip, manifest, write|
      table(zip, manifest, write, "pieces") do |rows|
        rows.map do |row|
          row.merge("name" => ["a"])
        end
      end
    end
    none = forged(to: copy("none.zip")) { |zip, manifest, write| table(zip, manifest, write, "workshops") { [] } }
    [[photo, "isn't a picture"], [field, "the wrong fields"], [value, "isn't plain data"],
     [none, "no workshop in it"]].each do |path, why|
      _, errors, status = run("restore", path)
      expect([status.exitstatus, errors]).to match([1, /#{why}.* Nothing was changed/])
    end
    expect(report).to eq(before)
    expect(Dir[File.join(@home, "photos/**/*.jpg")]).to eq([])
  end

  it "refuses a database that a later version wrote, before anything is read from it" do
    flip
    SQLite3::Database.new(database) { |data| data.execute("INSERT INTO schema_migrations VALUES ('20990101000000')") }
    _, errors, status = run("report")
    expect([status.exitstatus,
            errors]).to match([1, /was written by a later version of Kohlrabi: .*\nBring this program up to date/])
  end

  # Seeded harm to an archive: bytes, length, entries, the manifest's kinds of values. Each is refused in words, or
  # taken whole.
  it "answers any damaged archive in words, and changes nothing" do
    flip
    run("backup", copy)
    bytes = File.binread(copy)
    before = report
    random = Random.new(77)
    bad = [nil, 1, "x", [], {}, [1, "a"], { "a" => nil }, true]
    seen = Array.new(70) do |turn|
      path = copy("harm.zip")
      if turn.even?
        harmed = bytes.dup
        random.rand(1..30).times { harmed.setbyte(random.rand(harmed.bytesize), random.rand(256)) }
        File.binwrite(path, random.rand(3).zero? ? harmed[0, random.rand(harmed.bytesize)] : harmed)
      else
        forged(to: path) do |_, manifest, write|
          key = (manifest.keys + ["tables/pieces", "photos/x"]).sample(random: random)
          outer, inner = key.split("/")
          inner ? manifest[outer][inner] = bad.sample(random: random) : manifest[outer] = bad.sample(random: random)
          if random.rand(3).zero?
            write.call(%w[tables/pieces.jsonl tables/costs.jsonl].sample(random: random),
                       ["\xff", "[]\n", "{", ""].sample(random: random))
          end
        end
      end
      restored?(path)
    end
    expect(seen.count(false)).to be > 50
    expect(report["flips"]).to eq(before["flips"])
  end

  # In this process, without starting a program each time. Anything but a refusal goes up.
  def restored?(path)
    Restore.new(path, database).run
    Records::Database.close
    true
  rescue Core::Refusal => e
    expect(e.message).to match(/\A\S.{8,}\. (Choose|Bring|Update)/) # a changed digit may make it of a later version
    false
  end
end
