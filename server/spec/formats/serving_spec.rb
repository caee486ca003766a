# frozen_string_literal: true

require_relative "format_helper"

RSpec.describe "serving", :own_data do
  # Two requests that came at once to a fresh server both answered 500 now and then: one had half loaded what the other
  # needed.
  it "has loaded all of the program before the first request" do
    home = File.join(Dir.mktmpdir, "home")
    Templates.copy(Templates.empty, home)
    script = <<~RUBY
      require #{File.join(ROOT, 'server/boot').inspect}
      require "puma"
      require "puma/launcher"
      Puma::Launcher.define_method(:run) do
        files = Dir[#{File.join(ROOT, '{core,server}/lib/kohlrabi/**/*.rb').inspect}]
        print (files - $LOADED_FEATURES).join(" "), "done"
        exit
      end
      Cli.start(%w[serve --port 4790])
    RUBY
    printed = IO.popen([{ "KOHLRABI_HOME" => home, **SpecClock.environment }, "ruby", "-e", script], &:read)
    expect(printed).to eq("done")
  ensure
    FileUtils.rm_rf(File.dirname(home))
  end
end
