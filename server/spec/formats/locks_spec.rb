# frozen_string_literal: true

require_relative "format_helper"
require_relative "../browser/real_server"
require "net/http"

# Who may work with a data folder beside whom.
RSpec.describe "programs beside each other on one workshop", :own_data do
  server = nil

  before(:context) { server = RealServer.new }
  after(:context) { server.clear }

  def run(*arguments, input: "") = CommandLine.run(@home, *arguments, input: input)

  def piece(name)
    body = JSON.generate(name: name, purchase: "1.50")
    Net::HTTP.post(URI("#{@address}/api/pieces"), body, "Content-Type" => "application/json").code
  end

  before do
    @home = server.home
    @address = server.address
  end

  def file(name) = File.join(File.dirname(@home), name)

  it "refuses to restore under a running server, and says which process that is; nothing that was acknowledged is lost" do
    piece("Before")
    expect(run("backup", file("all.zip")).last).to be_success
    acknowledged = Queue.new
    writer = Thread.new { 12.times { |i| piece("Piece #{i}").then { |code| acknowledged << i if code == "201" } } }
    3.times do
      _, errors, status = run("restore", file("all.zip"))
      said = "The workshop is in use by “serve” (process #{server.pid}). Stop it first, then try again. Nothing was changed.\n"
      expect([status.exitstatus, errors]).to eq([1, said])
    end
    writer.join
    names = JSON.parse(run("report").first)["flips"].map { |flip| flip["name"] }
    expect(names.grep(/\APiece/).size).to eq(acknowledged.size)
    expect(acknowledged.size).to eq(12)
  end

  it "refuses a second server, and says where the first is" do
    _, errors, status = run("serve", "--port", "4899")
    expect([status.exitstatus,
            errors]).to match([1,
                               %r{\AThis workshop is already running at #{@address}/ by “serve” \(process #{server.pid}\)\.}])
  end

  it "leaves reading, importing and backing up beside it be, as SQLite lets them" do
    File.write(file("more.csv"), "name,purchase\nHall bench,5\n")
    expect(run("import", file("more.csv")).first).to include("1 flip imported")
    [%w[report], %w[export flips], %w[doctor], %w[calendar], ["backup", file("beside.zip")]].each do |command|
      _, errors, status = run(*command)
      expect([command, status.success?, errors]).to eq([command, true, ""])
    end
  end

  it "refuses whatever would work with data that is being replaced" do
    Dir.mktmpdir do |home|
      FileUtils.mkdir_p(home)
      ready, tell = IO.pipe
      hold, go = IO.pipe
      pid = fork do
        DataLock.new(home, as: "restore").alone
        tell.puts("held")
        hold.gets
        exit!(0)
      end
      ready.gets
      _, errors, status = CommandLine.run(home, "report")
      expect([status.exitstatus,
              errors]).to match([1,
                                 /data is being replaced by “restore” \(process #{pid}\)\. Wait until that's finished/])
      go.puts
      Process.wait(pid)
      expect(CommandLine.run(home, "report").last).to be_success # a lock ends with its process, and its note is swept away
      expect(Dir.children(File.join(home,
                                    "locks"))).to match_array(%w[data] + Dir.children(File.join(home,
                                                                                                "locks")).grep(/\A\d+\z/))
    end
  end
end
