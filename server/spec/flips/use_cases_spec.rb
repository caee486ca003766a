# frozen_string_literal: true

require_relative "../support/records_helper"

RSpec.describe "use cases of the desk" do
  let(:operations) { Operations }
  let(:records) { Records }

  describe Operations::Support::Percent do
    { "0" => 0, "12.5" => 1250, "12.5%" => 1250, "99.99" => 9999 }.each do |text, hundredths|
      it("reads #{text}") { expect(described_class.parse(text)).to eq(hundredths) }
    end

    %w[100 -1 12.345 many].each do |text|
      it("refuses #{text}") { expect { described_class.parse(text) }.to raise_error(Core::Refusal) }
    end

    it "writes them back without idle zeros" do
      expect([0, 1250, 1000, 1225, nil].map do |value|
        described_class.text(value)
      end).to eq(["0", "12.5", "10", "12.25", nil])
    end
  end

  describe Demo::Workshop do
    it "lays out a workshop of every stage and outcome, every figure as computed, dated up to today" do
      records::Base.connection.execute("PRAGMA synchronous = OFF")
      steps = []
      described_class.load { |done, of| steps << [done, of] }
      stages = records::FlipSummary.group(:stage).count
      expect(stages.keys).to match_array(operations::Flips::Lists::VIEWS["all"])
      expect([stages.values.sum, steps.last]).to eq([82, [45, 45]]) # and 27 out of the old exercise book
      planned = records::Look.where(chosen: true).map(&:piece)
      expect(planned.map(&:seconds_to_come)).to eq(planned.map { |piece|
        operations::Planning::Plans.of(piece).remaining
      })
      expect(records::Piece.minimum(:bought_on)).to be_between(operations::Support::Workshop.today - 1100,
                                                               operations::Support::Workshop.today - 1000)
      expect(records::FlipSummary.maximum(:ended_on)).to be <= operations::Support::Workshop.today
      expect(operations::House::Doctor.examine).to eq([])
      expect(operations::Bench::Timers.running.size).to eq(1)
      expect { described_class.load }.to raise_error(/not empty/)
    ensure
      records::Base.connection.execute("PRAGMA synchronous = FULL")
    end

    it "names nothing real: its sources and channels are common nouns" do
      flips = YAML.safe_load_file(File.join(described_class::FOLDER, "flips.yml"))
      words = flips.flat_map { |flip| [flip["source"], flip.dig("listed", 2), flip.dig("sold", 3)] }.compact.uniq
      expect(words - ["house clearance, Fennick"]).to all(match(/\A[a-z ]+\z/))
    end
  end

  describe Operations::Books::Import do
    def sheet(text, **options) = operations::Books::Spreadsheet.new(text, **options)

    it "takes 1,200 rows in one transaction and tells its progress" do
      steps = []
      rows = Array.new(1200) { |i| "Flip #{i},2026-01-01,5,1,2026-02-01,20" }
      sheet("name,bought_on,purchase,hours,sold_on,sale_price\n#{rows.join("\n")}\n").take! do |done, of|
        steps << [done, of]
      end
      expect(steps).to eq([[500, 1200], [1000, 1200], [1200, 1200]])
      expect(records::FlipSummary.where(cash_profit_minor: 1500, bench_seconds: 3600,
                                        turnaround_days: 31).count).to eq(1200)
      expect(records::Piece.order(:ticket).pick(:ticket, :name)).to eq([1, "Flip 0"])
    end

    it "leaves nothing behind when it fails half way" do
      allow(operations::Flips::Summaries).to receive(:keep).and_raise("the disk is full")
      expect { sheet("name,materials\nA,5\n").take! }.to raise_error("the disk is full")
      expect([records::Piece.count, records::Cost.count]).to eq([0, 0])
    end

    it "adds no sundries to imported flips" do
      operations::House::WorkshopSettings.update("lock_version" => 0, "sundries" => "3")
      sheet("name,purchase\nA,5\n").take!
      expect(records::FlipSummary.pick(:cash_in_minor)).to eq(500)
    end
  end

  describe Operations::Support::Idempotency do
    it "forgets answers after a month" do
      described_class.answer("an-old-key", "one") { [201, { id: 1 }] }
      at("2026-08-15T12:00:00Z")
      described_class.answer("a-new-key", "two") { [201, { id: 2 }] }
      expect(records::IdempotencyKey.pluck(:key)).to eq(["a-new-key"])
    end

    it "stores the answer with the work or not at all" do
      expect { described_class.answer("a-key-to-fail", "one") { raise "no" } }.to raise_error("no")
      expect(records::IdempotencyKey.count).to eq(0)
    end
  end

  describe LocalZone do
    it "is the machine's, where that is a name of the tz database" do
      Dir.mktmpdir do |folder|
        clock = File.join(folder, "localtime")
        FileUtils.mkdir_p(File.join(folder, "zoneinfo/Europe"))
        FileUtils.touch(File.join(folder, "zoneinfo/Europe/Lisbon"))
        File.symlink(File.join(folder, "zoneinfo/Europe/Lisbon"), clock)
        expect(described_class.name(zone: nil, clock: clock)).to eq("Europe/Lisbon")
        expect(described_class.name(zone: ":Asia/Tokyo", clock: clock)).to eq("Asia/Tokyo")
        expect(described_class.name(zone: "CET-1CEST", clock: "/nowhere")).to eq("Etc/UTC")
      end
    end
  end

  describe Folder do
    around do |example|
      before = ENV.to_h.slice("KOHLRABI_HOME", "XDG_DATA_HOME")
      example.run
    ensure
      %w[KOHLRABI_HOME XDG_DATA_HOME].each { |name| ENV[name] = before[name] }
    end

    it "is KOHLRABI_HOME, else in the XDG data folder, and the demo's lies beside it" do
      ENV["KOHLRABI_HOME"] = "/there/kohlrabi"
      expect([described_class.path,
              described_class.path(demo: true)]).to eq(["/there/kohlrabi", "/there/kohlrabi-demo"])
      ENV.delete("KOHLRABI_HOME")
      ENV["XDG_DATA_HOME"] = "/data"
      expect(described_class.path).to eq("/data/kohlrabi")
      ENV.delete("XDG_DATA_HOME")
      expect(described_class.path).to eq(File.join(Dir.home, ".local/share/kohlrabi"))
    end
  end
end
