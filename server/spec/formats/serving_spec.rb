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

  def late(reactor)
    reactor.define_singleton_method(:add) { |client| super(client).tap { sleep 0.3 } }
  end

  # Now and then, under load, a browser got an answer that did not begin with HTTP (decided by which thread came first;
  # here the first is made late).
  it "gives each answer its head, however late the thread is that handed the connection on" do
    expect([Server::OwnBuffer]).to eq([Puma::Client.instance_method(:io_buffer).owner]) # loads the web server, too
    slowly = Enumerator.new { |body| sleep(0.6) && (body << "well") }
    server = Puma::Server.new(->(_) { [200, {}, slowly] }, nil, { min_threads: 2, max_threads: 2 })
    port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
    server.run
    late(server.instance_variable_get(:@reactor))
    socket = TCPSocket.new("127.0.0.1", port)
    sleep 0.1 # the connection waits in the reactor before the request comes
    socket.write("GET / HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n")
    expect(socket.readpartial(1000)).to start_with("HTTP/1.1 200 OK")
  ensure
    socket&.close
    server&.stop(true)
  end
end
