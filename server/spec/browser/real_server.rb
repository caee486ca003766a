# frozen_string_literal: true

require "socket"
require "timeout"
require "tmpdir"
require_relative "../support/templates"

# The real server on data of its own, as a process that can be stopped and started again. Starting it takes seconds, so
# one with an empty workshop and one with the demo are shared by the specs of a run, and get their data anew.
class RealServer
  attr_reader :address, :home, :pid

  class << self
    # The shared one on a template (Templates.empty or Templates.demo), running, with the data of the template.
    def on(template)
      @shared ||= {}
      @shared[template] ? @shared[template].renew : @shared[template] = new(template: template)
    end

    def clear_shared = @shared&.each_value(&:clear)
  end

  # input: given to a command that only reads it and ends; nothing is served then.
  def initialize(*arguments, template: Templates.empty, input: nil)
    @template = template
    @home = File.join(Dir.mktmpdir("kohlrabi-browser"), "home")
    Templates.copy(template, demo? ? "#{@home}-demo" : @home)
    @arguments = if arguments.empty?
                   [demo? ? "demo" : "serve"]
                 else
                   arguments
                 end
    if input
      IO.popen([environment, *program, *@arguments], "r+") do |io|
        io.write(input) && io.close_write && io.read
      end
    else
      start
    end
  end

  # Starts with other arguments. Returns what was printed up to the last line.
  def restart(*arguments)
    @arguments = arguments
    start
  end

  def start
    reader, writer = IO.pipe
    @pid = spawn(environment, *program, *@arguments, "--port", (@port ||= fixed? ? free_pair : ports).to_s, out: writer)
    writer.close
    printed = +""
    Timeout.timeout(180) do
      nil until (@address = (printed << (reader.gets || raise("the server ended: #{printed}")))[%r{http://[\d.:]+}])
    end
    @port = URI(@address).port
    Timeout.timeout(20) { printed << reader.gets.to_s until printed.match?(/--certificate|fixed address/) } if fixed?
    printed
  end

  # The data of the template again, under the running server: all rows in one transaction, and the files. Returns
  # itself.
  def renew
    start unless running?
    SQLite3::Database.new(File.join(folder, "workshop.sqlite3")) do |data|
      data.busy_handler_timeout = 20_000
      data.execute("PRAGMA synchronous = OFF")
      data.execute("ATTACH ? AS template", [File.join(@template, "workshop.sqlite3")])
      data.transaction(:immediate) do
        tables = data.execute("SELECT name FROM template.sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_stat%'").flatten
        tables.each do |table|
          data.execute("DELETE FROM main.#{table}")
          data.execute("INSERT INTO main.#{table} SELECT * FROM template.#{table}")
        end
      end
    end
    renew_files
    self
  end

  def environment = { "KOHLRABI_HOME" => @home, **SpecClock.environment }
  def program = ["ruby", File.join(ROOT, "server/kohlrabi.rb")]
  def running? = @pid && Process.wait(@pid, Process::WNOHANG).nil?

  def stop(signal = :TERM)
    Process.kill(signal, @pid)
    Process.wait(@pid)
    @pid = nil
  end

  def clear
    stop if @pid
    FileUtils.rm_rf(File.dirname(@home))
  end

  private

  def demo? = @template != Templates.empty
  def folder = demo? ? "#{@home}-demo" : @home

  # Lanes that run beside each other have ports of their own.
  def ports = 4800 + (ENV["TEST_ENV_NUMBER"].to_i * 100)

  # Served to other devices: its port is never moved to a free one, as it is on this machine alone.
  def fixed? = @arguments.include?("--lan")

  # A port of this lane that is free, and the next one with it, where those that are moved do not come. Browsers open no
  # page at 5060 and 5061, which belong to telephones.
  def free_pair
    (ports + 40).step(by: 2).find { |port| [port, port + 1].all? { |one| free?(one) } }
  end

  def free?(port)
    TCPServer.new("0.0.0.0", port).close.nil?
  rescue Errno::EADDRINUSE
    false
  end

  def renew_files
    files = File.join(folder, "photos")
    FileUtils.rm_rf(files)
    FileUtils.cp_r(File.join(@template, "photos"), files) if File.directory?(File.join(@template, "photos"))
  end
end
