# frozen_string_literal: true

require_relative "../support/records_helper"
require "net/http"
require "timeout"
require "sqlite3"

# The real server, killed without warning in the middle of writes: what was acknowledged is there.
RSpec.describe "SIGKILL in the middle of writes", :own_data do
  def start(home)
    reader, writer = IO.pipe
    pid = spawn({ "KOHLRABI_HOME" => home }, "ruby", File.join(ROOT, "server/kohlrabi.rb"), "serve", "--port", "4790",
                out: writer, err: File::NULL)
    (@started ||= []) << pid
    writer.close
    address = reader.gets[%r{http://\S+}]
    [pid, URI(address)]
  end

  after do
    @started.each do |pid|
      Process.kill(:KILL, pid)
    rescue Errno::ESRCH
      nil # killed by the example already
    end
  end

  def write(address, number)
    Net::HTTP.post(URI.join(address.to_s, "api/pieces"), JSON.generate(name: "Piece #{number}", purchase: "1.50"),
                   "Content-Type" => "application/json", "Idempotency-Key" => "kill-spec-#{number}")
  end

  it "loses nothing that was acknowledged and leaves nothing half-written" do
    Dir.mktmpdir do |home|
      pid, address = start(home)
      acknowledged = Queue.new
      writers = Array.new(3) do |writer|
        Thread.new do
          (0..).each { |i| acknowledged << "Piece #{writer}-#{i}" if write(address, "#{writer}-#{i}").code == "201" }
        rescue StandardError
          nil
        end
      end
      Timeout.timeout(120) { sleep 0.05 until acknowledged.size >= 25 }
      Process.kill(:KILL, pid)
      Process.wait(pid)
      writers.each(&:join)
      names = Array.new(acknowledged.size) { acknowledged.pop }

      database = SQLite3::Database.new(File.join(home, "workshop.sqlite3"))
      expect(names - database.execute("SELECT name FROM pieces").flatten).to eq([])
      expect(database.execute("SELECT COUNT(*) FROM pieces")).to eq(database.execute("SELECT COUNT(*) FROM flip_summaries"))
      expect(database.execute("PRAGMA integrity_check")).to eq([["ok"]])
      database.close

      pid, address = start(home)
      expect(write(address, "after").code).to eq("201")
      Process.kill(:KILL, pid)
      Process.wait(pid)
    end
  end
end
