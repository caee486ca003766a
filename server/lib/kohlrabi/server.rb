# frozen_string_literal: true

require "puma"
require "puma/configuration"
require "puma/launcher"
require "socket"

# Runs the application in one process: on 127.0.0.1 and nowhere else, unless addresses of the local network are given.
module Server
  HOST = "127.0.0.1"
  TRIES = 20
  THREADS = 5
  SLOWEST = 30 # seconds in which a request must have come in
  EVERY = 3 * 3600 # seconds between looks at whether today has its copy
  # What other devices may reach. addresses: of this machine; certificate, key: files in PEM, or nil for plain HTTP;
  # house: the HouseCertificate that they are of, or nil.
  Lan = Struct.new(:addresses, :certificate, :key, :house, keyword_init: true) do
    def secure? = !certificate.nil?
    def scheme = secure? ? "https" : "http"
  end

  # Puma (to 8.0) empties a connection's buffer after handing the connection on. Another thread may be writing an answer
  # in it by then, and the browser gets one without its head. So every answer has a buffer of its own.
  module OwnBuffer
    def io_buffer = Puma::IOBuffer.new
  end
  Puma::Client.prepend OwnBuffer

  extend self

  # port: wished for; the next free one is taken when it is busy. lan: Lan or nil. The block gets the address
  # once it answers. Blocks until the process is ended.
  def run(port:, lan: nil, &on_start)
    Zeitwerk::Loader.eager_load_all # requests come in threads, and two that load one file at once can both fail
    Pictures.sweep
    hosts = [HOST, *lan&.addresses]
    port = lan ? fixed_port(port, hosts, lan) : free_port(port, hosts)
    application = Api::Stack.build(hosts: Api::Stack::LOCAL + hosts.drop(1) + (lan ? Network.names : []),
                                   passcode: !lan.nil?)
    Network.shared_at = lan && "#{lan.scheme}://#{lan.addresses.first}:#{port}"
    configuration = configuration(application, hosts, port, lan)
    events = Puma::Events.new
    events.on_booted do # not before it answers
      on_start&.call("http://#{HOST}:#{port}/")
      Api::TrustPage.serve(lan, port) if lan&.house
      announce(port, lan)
    end
    events.on_booted { Thread.new { keep_copies } } unless Operations::Support::Workshop.current.demo
    Puma::Launcher.new(configuration, events: events, log_writer: Puma::LogWriter.new(StringIO.new, $stderr)).run
  end

  NEW_AUTHORITY = "The workshop has a new certificate authority. Every device has to install it again."
  FIXED = "Give this computer a fixed address in your router. Phones keep their offline data under the address they opened."
  PLAIN = "This connection isn't encrypted: anyone on the network can read the passcode and everything you record. To encrypt it,\n" \
          "leave out --plain-http-that-anybody-on-the-network-can-read, or give a certificate (--certificate FILE --key FILE)."

  private

  def configuration(application, hosts, port, lan)
    Puma::Configuration.new do |puma|
      hosts.each { |host| puma.bind(bind(host, port, lan)) }
      # As many threads as there ever are, from the start, and a connection that is kept open goes back to the end of
      # the line after each
      # request: eight devices that read without a pause starve nobody (spec).
      puma.threads THREADS, THREADS
      puma.max_fast_inline 1
      puma.http_content_length_limit Api::Middleware::BodyLimit::MAX_PHOTO_BYTES # before the body is read, whoever sends it
      puma.first_data_timeout SLOWEST # what declares no length is cut off then
      puma.supported_http_methods :any # the application answers those it doesn't know, with its headers
      puma.lowlevel_error_handler { |error, _env, status| Api::Middleware::ErrorResponses.by_the_server(error, status) }
      puma.workers 0
      puma.app application
      puma.environment "production"
      puma.quiet
    end
  end

  # This machine itself is always spoken to plainly; a certificate is for the others.
  def bind(host, port, lan)
    return "tcp://#{host}:#{port}" unless lan&.secure? && host != HOST

    how = { "cert" => lan.certificate, "key" => lan.key, "no_tlsv1" => true, "no_tlsv1_1" => true }
    "ssl://#{host}:#{port}?#{URI.encode_www_form(how)}"
  end

  # A copy a day while the server runs. One that cannot be written is said, and tried again: the disk may have room
  # by then.
  def keep_copies(wait: -> { sleep EVERY })
    loop do
      begin
        Backups.keep_by_rule(Records::Base.connection_pool.with_connection do
          Operations::Support::Workshop.today
        end)
      rescue SystemCallError, Zip::Error, SQLite3::Exception, ActiveRecord::ActiveRecordError => e
        warn "No backup could be made: #{Storage.trouble(e) || e.message} Trying again in #{EVERY / 3600} hours."
      end
      break if wait.call == :end
    end
  end

  def announce(port, lan)
    puts "Kohlrabi is at http://#{HOST}:#{port}/ (press Ctrl+C to stop it)"
    lan&.addresses&.each do |address|
      link = "#{lan.scheme}://#{address}:#{port}/"
      first = lan.house && "http://#{address}:#{port + 1}/"
      puts "", "On your other devices, open #{link} and enter the passcode."
      puts "The first time, set up each device here: #{first}" if first
      puts Network.qr(first || link)
    end
    puts "", *closing(lan) if lan
    $stdout.flush
  end

  # What is said below the addresses.
  def closing(lan)
    return [lan.secure? ? FIXED : PLAIN] unless lan.house

    fingerprint = lan.house.fingerprint.split.each_slice(8).map { |groups| groups.join(" ") }
    [(NEW_AUTHORITY if lan.house.new_authority?), "Fingerprint (SHA-256), to check on each device:",
     *fingerprint, FIXED].compact
  end

  # With other devices the port stays what it is: another would strand what they keep.
  def fixed_port(port, hosts, lan)
    wanted = lan.house ? [port, port + 1] : [port]
    busy = wanted.find { |one| hosts.any? { |host| !free?(host, one) } } or return port
    abort "Port #{busy} is in use. Stop what's using it, or choose another with --port. Devices keep the address, so don't change it often."
  end

  def free_port(port, hosts)
    (port..(port + TRIES)).find { |candidate| hosts.all? { |host| free?(host, candidate) } } or
      abort "No port from #{port} on is free. Choose another with --port."
  end

  def free?(host, port)
    TCPServer.new(host, port).close
    true
  rescue Errno::EADDRINUSE, Errno::EACCES
    false
  end
end
