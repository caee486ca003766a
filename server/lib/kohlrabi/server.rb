# frozen_string_literal: true

require "puma"
require "puma/configuration"
require "puma/launcher"
require "socket"

module Kohlrabi
  # Runs the application in one process on 127.0.0.1 and nowhere else.
  module Server
    HOST = "127.0.0.1"
    TRIES = 20

    module_function

    # port: wished for; the next free one is taken when it is busy. Blocks until the process is ended.
    def run(port:)
      port = free_port(port)
      application = Api::Stack.build
      configuration = Puma::Configuration.new do |puma|
        puma.bind "tcp://#{HOST}:#{port}"
        puma.threads 1, 5
        puma.workers 0
        puma.app application
        puma.environment "production"
        puma.quiet
      end
      events = Puma::Events.new
      events.on_booted { announce(port) } # not before it answers
      Puma::Launcher.new(configuration, events: events, log_writer: Puma::LogWriter.new(StringIO.new, $stderr)).run
    end

    def announce(port)
      puts "Kohlrabi is at http://#{HOST}:#{port}/ (end it with Ctrl-C)"
      $stdout.flush
    end

    def free_port(port)
      (port..(port + TRIES)).find { |candidate| free?(candidate) } or
        abort "No free port from #{port} on. Give another with --port."
    end

    def free?(port)
      TCPServer.new(HOST, port).close
      true
    rescue Errno::EADDRINUSE, Errno::EACCES
      false
    end
    private_class_method :announce, :free_port, :free?
  end
end
