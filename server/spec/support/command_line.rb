# frozen_string_literal: true

require "sqlite3"
require "tempfile"

SQLite3::ForkSafety.suppress_warnings! # the child uses none of the connections it inherits, and ends without closing them

# bin/kohlrabi's program in a process of its own, forked from this one, which has loaded all of it already.
module CommandLine
  Status = Struct.new(:exitstatus) do
    def success? = exitstatus.zero?
  end

  module_function

  # Output, errors and status of the program on a data folder. input: what is typed.
  def run(home, *arguments, input: "")
    files = Array.new(3) { Tempfile.new("kohlrabi-cli") }
    files.first.write(input)
    files.each(&:rewind)
    pid = fork { as_program(home, arguments, files) }
    Process.wait(pid)
    out, err = files.drop(1).map { |file| File.read(file.path, encoding: "UTF-8") }
    [out, err, Status.new($?.exitstatus || 1)] # rubocop:disable Style/SpecialGlobalVars -- English is loaded nowhere else
  ensure
    files.each(&:close!)
  end

  # Nothing of the specs runs at its end: no at_exit of theirs, no report.
  def as_program(home, arguments, files)
    $stdin.reopen(files[0])
    $stdout.reopen(files[1])
    $stderr.reopen(files[2])
    ENV["KOHLRABI_HOME"] = home
    Kohlrabi::Clock.source = nil
    exit!(finish { Kohlrabi::Cli.start(arguments.map(&:to_s)) })
  end
  private_class_method :as_program

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
  private_class_method :finish
end
