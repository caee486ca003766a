# frozen_string_literal: true

require "json"
require "socket"
require "tmpdir"

# bin/kohlrabi's program in a process of its own, forked from one that has loaded all of it and done nothing yet:
# starting Ruby anew takes two seconds a call. The specs' own process must not be forked for it once it has used
# libvips, whose threads a fork does not take along.
module CommandLine
  Status = Struct.new(:exitstatus) do
    def success? = exitstatus.zero?
  end

  extend self

  # Starts the process that all calls are forked from. Called before anything else is done.
  def prepare
    @socket, other = UNIXSocket.pair
    @parent = fork do
      @socket.close
      other.each_line do |line|
        Zeitwerk::Loader.eager_load_all # once, not in every fork
        other.puts(in_fork(JSON.parse(line)))
      end
      exit!(0)
    end
    other.close
  end

  # Output, errors and status of the program on a data folder. input: what is typed.
  def run(home, *arguments, input: "")
    Dir.mktmpdir("kohlrabi-cli") do |folder|
      File.binwrite(File.join(folder, "in"), input)
      @socket.puts(JSON.generate(home: home, arguments: arguments.map(&:to_s), folder: folder, here: Dir.pwd))
      status = Integer(@socket.gets)
      out, err = %w[out err].map { |name| File.read(File.join(folder, name), encoding: "UTF-8") }
      [out, err, Status.new(status)]
    end
  end

  private

  # Runs one call to its end. Returns what it exited with.
  def in_fork(call)
    pid = fork { as_program(call) }
    _, status = Process.wait2(pid)
    status.exitstatus || 1
  end

  # Nothing of the specs runs at its end: no at_exit of theirs, no report.
  def as_program(call)
    Dir.chdir(call["here"])
    files = %w[in out err].zip(%w[r w w]).map { |name, mode| File.open(File.join(call["folder"], name), mode) }
    [$stdin, $stdout, $stderr].zip(files) { |stream, file| stream.reopen(file) }
    ENV["KOHLRABI_HOME"] = call["home"]
    exit!(finish { Cli.start(call["arguments"]) })
  end

  # What the program would exit with.
  def finish
    yield
    0
  rescue SystemExit => e
    e.status
  rescue Exception => e # rubocop:disable Lint/RescueException -- as the interpreter itself ends: with a trace and 1
    warn e.full_message(highlight: false)
    1
  ensure
    [$stdout, $stderr].each(&:flush)
  end
end
