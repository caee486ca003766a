# frozen_string_literal: true

require_relative "../server_helper"
require_relative "../browser/real_server"
require "net/http"

# Nobody locks the workshop up: neither by reading without a pause, nor by sending too much, nor by a file that unpacks
# without end.
RSpec.describe "limits", :own_data do
  before(:context) { RealServer.on(Templates.empty) } # running before threads ask for it

  def real = RealServer.on(Templates.empty)
  def port = URI(real.address).port
  def ago(from) = Process.clock_gettime(Process::CLOCK_MONOTONIC) - from
  def clock = Process.clock_gettime(Process::CLOCK_MONOTONIC)

  # What the server answers to bytes, at once: [status, headers in small letters]. wait: seconds.
  def raw(bytes, wait: 5)
    socket = TCPSocket.new("127.0.0.1", port)
    socket.write(bytes)
    lines = Timeout.timeout(wait) do
      [].tap do |all|
        all << socket.gets.to_s.chomp until all.last == "" && all.size > 1
      end
    end
    [lines.first[/\d{3}/].to_i, lines.join("\n").downcase]
  ensure
    socket&.close
  end

  def request(head, body = "") = raw("#{head}\r\nHost: 127.0.0.1\r\n#{body}\r\n")

  # With threads from 1 to 5 and ten requests answered in a row, newcomers waited over 30 s; measured at 0.2 s now, on
  # two idle cores.
  it "lets newcomers in beside eight that read without a pause on connections that they keep open" do
    stop = false
    readers = Array.new(8) do
      Thread.new do
        Net::HTTP.start("127.0.0.1", port) { |http| http.get("/api/books") until stop }
      rescue IOError, SystemCallError
        retry unless stop
      end
    end
    sleep 0.5
    waits = Array.new(5) { clock.then { |from| Net::HTTP.get_response("127.0.0.1", "/api/workshop", port) && ago(from) } }
    expect(waits.max).to be < 5
  ensure
    stop = true
    readers&.each(&:join)
  end

  it "refuses a body that is declared too large before it is sent, whoever sends it" do
    from = clock
    status, = request("POST /api/costs HTTP/1.1",
                      "Content-Type: application/json\r\nContent-Length: 400000000\r\n\r\n#{'x' * 200_000}")
    expect([status, ago(from)]).to match([413, be < 3])
  end

  it "answers what the web server cannot read with the headers of all other answers" do
    policy = "content-security-policy: default-src 'none'"
    bad = [request("GET / HTTP/1.1", "Transfer-Encoding: foo\r\n"), request("GET / HTTP/1.1", "Content-Length: many\r\n"), raw("GARBAGE\r\n\r\n"),
           request("FOO /api/workshop HTTP/1.1"), request("GET /api/pieces?a#{'[b]' * 200}=1 HTTP/1.1"),
           request("POST /api/photos HTTP/1.1", "Content-Type: multipart/form-data; boundary=#{'x' * 400}\r\nContent-Length: 1\r\n\r\na")]
    expect(bad.map(&:first)).to all(be_between(400, 422))
    expect(bad.map(&:last)).to all(include(policy).and(include("x-frame-options: deny")))
  end

  describe "of files" do
    def refusal
      yield
      raise "nothing was refused"
    rescue Core::Refusal => e
      e
    end

    it "bounds the rows of a CSV as of a sheet, and stops where nobody waits" do
      csv = Formats::CsvRows
      lines = "name,purchase\n#{"a,1\n" * 20_001}"
      from = clock
      error = refusal { csv.new(lines) }
      expect([error.code, ago(from)]).to match([:too_many_rows, be < 10])
      expect(csv.new("name,purchase\n#{"a,1\n" * 20_000}").rows.size).to eq(20_000)
      looked = 0
      expect { csv.new(lines, gone: -> { (looked += 1) > 100 && raise(Api::ClientGone, "gone") }) }.to raise_error(Api::ClientGone)
      expect(looked).to eq(101)
    end

    it "ends an import whose asker has left, with nothing recorded" do
      flips = Operations::Books::Spreadsheet.new("name,purchase\n#{"a,1\n" * 1200}", again: true)
      wanted = flips.instance_variable_get(:@wanted)
      looked = 0
      gone = -> { (looked += 1) > 2 && raise(Api::ClientGone, "gone") }
      expect { Operations::Books::Import.take(wanted, gone: gone) }.to raise_error(Api::ClientGone)
      expect(Records::Piece.where(name: "a").count).to eq(0)
    end

    it "stops at a table of an archive that unpacks without end, early and in little memory" do
      Dir.mktmpdir do |folder|
        file = File.join(folder, "bomb.zip")
        Backups.write(file)
        Zip::File.open(file) do |zip|
          zip.remove("tables/pieces.jsonl")
          zip.get_output_stream("tables/pieces.jsonl") { |out| 60.times { out.write("0" * 1_000_000) } }
        end
        from = clock
        error = refusal { Formats::ArchiveReader.new(file, latest: Records::Database.versions.max) }
        expect([error.code, ago(from)]).to match([:table_damaged, be < 10])
      end
    end

    it "leaves nothing of a photo that could not be written, and clears what a killed server left" do
      pictures = Pictures
      name = "ab/#{'ab' * 32}.jpg"
      allow(File).to receive(:rename).and_raise(Errno::ENOSPC)
      expect { pictures.bring_back(name, "picture") }.to raise_error(Errno::ENOSPC)
      parts = -> { Dir[File.join(pictures.folder, "**/*.part")] }
      expect([parts.call, File.exist?(File.join(pictures.folder, name))]).to eq([[], false])
      FileUtils.mkdir_p(File.join(pictures.folder, "ab"))
      File.binwrite(File.join(pictures.folder, "ab/left.jpg.99.part"), "half")
      pictures.sweep
      expect(parts.call).to eq([])
    end

    it "keeps a full-width sign from being a formula, and reads it back" do
      guard = Formats::FormulaGuard
      %w[＝1+1 ＋1 －1 ＠a =1].each do |text|
        expect([guard.write(text), guard.read(guard.write(text))]).to eq(["'#{text}", text])
      end
    end

    it "lets nobody else on the machine read the database" do
      files = Dir["#{Records::Database.file}*"].select { |file| File.file?(file) }
      expect(files.map { |file| File.stat(file).mode & 0o077 }.uniq).to eq([0])
    end
  end
end
