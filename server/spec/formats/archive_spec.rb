# frozen_string_literal: true

require_relative "../support/records_helper"
require "stringio"

# The archive: there and back again to an equal workshop; what is damaged or foreign is refused and leaves all as it
# was.
RSpec.describe "the archive of a workshop", :own_data do
  backups = Backups
  records = Records

  # A workshop in a folder of its own; the specs' own one is opened again afterwards.
  around do |example|
    mine = ActiveRecord::Base.connection_db_config.database
    Dir.mktmpdir do |folder|
      @folder = folder
      records::Database.close
      records::Database.open(File.join(folder, "workshop.sqlite3"))
      at("2026-06-30T12:00:00Z")
      example.run
      records::Database.close
    end
    records::Database.open(mine)
  end

  def file(name = "all.zip") = File.join(@folder, name)
  def workshop = ActiveRecord::Base.connection_db_config.database
  def restore(path) = Restore.new(path, workshop).run

  # All rows of all tables that an archive holds.
  def contents
    data = SQLite3::Database.new(workshop, readonly: true, results_as_hash: true)
    Formats::Archive.tables(data).to_h { |table| [table, data.execute("SELECT * FROM #{table} ORDER BY rowid")] }
  ensure
    data&.close
  end

  def fill(seed, steps: 80)
    edits = RandomEdits.new(seed)
    steps.times { edits.step }
  end

  # The same zip with one entry written anew.
  def tamper(name)
    FileUtils.cp(file, file("bad.zip"))
    Zip::File.open(file("bad.zip")) do |zip|
      body = yield zip.find_entry(name)&.get_input_stream&.read
      zip.remove(name) if zip.find_entry(name)
      zip.get_output_stream(name) { |out| out.write(body) } if body
    end
    file("bad.zip")
  end

  def refused(path)
    before = contents
    restore(path)
    raise "nothing was refused"
  rescue Core::Refusal => e
    expect(contents).to eq(before)
    expect(Dir[File.join(@folder, "*restoring*")]).to eq([])
    e.message
  end

  [5, 21].each do |seed|
    it "comes back equal to the last row after random edits, and its archive again too (seed #{seed})" do
      fill(seed)
      before = contents
      backups.write(file)
      fill(seed + 1, steps: 25)
      expect(contents).not_to eq(before)
      kept = restore(file)
      expect(contents).to eq(before)
      expect(File.file?(kept)).to be(true)
      backups.write(file("again.zip"))
      parts = %w[all.zip again.zip].map { |name| Zip::File.open(file(name)) { |zip| JSON.parse(zip.read("manifest.json")).slice("tables", "photos", "schema") } }
      expect(parts.first).to eq(parts.last)
      expect(Operations::House::Doctor.examine).to eq([])
    end
  end

  it "shows the same figures to the cent after it came back" do
    piece = Operations::Flips::Pieces.create("name" => "Chest", "purchase" => "33.33", "bought_on" => "2026-05-01")
    Operations::Flips::Costs.create("what" => "Paint", "category" => "materials", "amount" => "12.34",
                                    "pieces" => [{ "piece_id" => piece.id }])
    Operations::Flips::Events.create(piece.id, "kind" => "sold", "on" => "2026-06-20", "price" => "99.99")
    backups.write(file)
    Operations::Flips::Pieces.create("name" => "Later")
    restore(file)
    # 99.99 − 33.33 − 12.34
    expect(records::FlipSummary.pluck(:cash_profit_minor)).to eq([5432])
    expect(Operations::Flips::Pieces.create("name" => "Goes on").ticket).to eq(2)
  end

  it "holds a JSON Schema of each table that its lines obey, and nothing of who was let in" do
    fill(3, steps: 30)
    Operations::House::Access.passcode = "longer than eight"
    backups.write(file)
    Zip::File.open(file) do |zip|
      expect(zip.glob("tables/*").map(&:name)).not_to include(a_string_matching(/passcodes|sessions|idempotency/))
      schema = JSON.parse(zip.read("schemas/costs.json"))
      expect(schema).to include("$schema" => "https://json-schema.org/draft/2020-12/schema", "type" => "object")
      lines = zip.read("tables/costs.jsonl").each_line.map { |line| JSON.parse(line) }
      expect(lines).not_to be_empty
      lines.each { |line| expect(obeys?(line, schema)).to be(true) }
    end
  end

  def obeys?(line, schema)
    kinds = { "integer" => Integer, "number" => Numeric, "string" => String, "null" => NilClass }
    line.keys.sort == schema["required"].sort && line.all? do |name, value|
      Array(schema.dig("properties", name, "type")).any? { |type| value.is_a?(kinds.fetch(type)) }
    end
  end

  it "takes photos along, and brings back those that are gone" do
    picture = Pictures.store(Vips::Image.black(40, 30).write_to_buffer(".png"), name: "a.png")
    piece = Operations::Flips::Pieces.create("name" => "Chest")
    Operations::Flips::Photos.add(picture, "piece_id" => piece.id, "kind" => "before")
    backups.write(file)
    bytes = File.binread(Pictures.path(picture[:fingerprint]))
    FileUtils.rm_rf(Pictures.folder)
    restore(file)
    expect(File.binread(Pictures.path(picture[:fingerprint]))).to eq(bytes)
  end

  describe "what cannot be restored" do
    before do
      fill(9, steps: 25)
      backups.write(file)
      Operations::Flips::Pieces.create("name" => "Since then")
    end

    it "is refused where it is no archive: text, another zip, a file cut short" do
      File.write(file("text.zip"), "hello")
      expect(refused(file("text.zip"))).to include("This isn't a workshop's backup, or it's damaged")
      Zip::File.open(file("other.zip"), create: true) { |zip| zip.get_output_stream("a.txt") { |out| out.write("a") } }
      expect(refused(file("other.zip"))).to include("no manifest")
      File.binwrite(file("short.zip"), File.binread(file)[0, 2000])
      expect(refused(file("short.zip"))).to include("damaged")
    end

    it "is refused where a table was changed, is missing, or a line is lost" do
      expect(refused(tamper("tables/pieces.jsonl") do |body|
        body.sub("Piece", "Chair")
      end)).to include("table pieces is damaged")
      expect(refused(tamper("tables/pieces.jsonl") do |body|
        body.lines.drop(1).join
      end)).to include("table pieces is damaged")
      expect(refused(tamper("tables/pieces.jsonl") { nil })).to include("is missing")
    end

    it "is refused where it is of something else, of a later or of an earlier version" do
      change = lambda { |**changes|
        tamper("manifest.json") do |body|
          JSON.generate(JSON.parse(body).merge(changes.transform_keys(&:to_s)))
        end
      }
      expect(refused(change.call(format: "other"))).to include("This file isn't a Kohlrabi backup")
      expect(refused(change.call(version: 2))).to include("newer version")
      expect(refused(change.call(schema: "20990101000000"))).to include("newer version")
      expect(refused(change.call(schema: "20200101000000"))).to include("too old to update")
    end

    it "is refused where its records do not belong together, though every fingerprint is right" do
      path = tamper("tables/cost_shares.jsonl") do |body|
        body.lines.map do |line|
          JSON.parse(line)
        end.map { |row| "#{JSON.generate(row.merge('piece_id' => row['piece_id'] + 99_999))}\n" }.join
      end
      Zip::File.open(path) do |zip|
        manifest = JSON.parse(zip.read("manifest.json"))
        manifest["tables"]["cost_shares"]["sha256"] = Digest::SHA256.hexdigest(zip.read("tables/cost_shares.jsonl"))
        zip.remove("manifest.json")
        zip.get_output_stream("manifest.json") { |out| out.write(JSON.generate(manifest)) }
      end
      expect(refused(path)).to include("The records in this backup don't belong together")
    end
  end

  it "keeps a copy a day for seven days and the first of each month for twelve, and no others" do
    dates = (0..500).map { |days| Date.new(2026, 6, 30) - days }
    kept = backups.kept_by_rule(dates, Date.new(2026, 6, 30))
    expect(kept.last(7)).to eq((Date.new(2026, 6, 24)..Date.new(2026, 6, 30)).to_a)
    expect(kept.first(12).map(&:iso8601)).to eq(%w[2025-07-01 2025-08-01 2025-09-01 2025-10-01 2025-11-01 2025-12-01 2026-01-01 2026-02-01 2026-03-01
                                                   2026-04-01 2026-05-01 2026-06-01])
    expect(kept.size).to eq(19)
    FileUtils.mkdir_p(backups.folder)
    %w[2026-06-10 2026-06-29 2026-05-03].each do |day|
      File.write(File.join(backups.folder, "workshop-#{day}.zip"), "x")
    end
    File.write(File.join(backups.folder, "mine.zip"), "kept")
    left = backups.keep_by_rule(Date.new(2026, 6, 30))
    expect(left.keys.map(&:iso8601)).to eq(%w[2026-05-03 2026-06-10 2026-06-29 2026-06-30])
    backups.keep_by_rule(Date.new(2026, 7, 1))
    expect(backups.kept.keys.map(&:iso8601)).to eq(%w[2026-05-03 2026-06-10 2026-06-29 2026-06-30 2026-07-01])
    backups.keep_by_rule(Date.new(2026, 7, 20))
    # The first of each month that is there, and the last seven days.
    expect(backups.kept.keys.map(&:iso8601)).to eq(%w[2026-05-03 2026-06-10 2026-07-01 2026-07-20])
    expect([File.file?(File.join(backups.folder, "mine.zip")), backups.latest]).to eq([true, Date.new(2026, 7, 20)])
  end
end
