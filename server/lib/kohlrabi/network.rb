# frozen_string_literal: true

require "ipaddr"
require "openssl"
require "rqrcode"
require "socket"

# The addresses of this machine on its own networks, for devices beside it, and how they are announced.
module Network
  extend self

  class << self
    # Where other devices open the workshop, "https://192.168.1.7:4646"; nil where it serves this machine alone.
    attr_accessor :shared_at
  end

  # The address at which a phone opens what a request was made for: the one it came by, unless that is this machine's
  # own. Returns nil where there is none.
  def open_at(request)
    return shared_at if Api::Stack::LOCAL.include?(request.host)

    "#{request.scheme}://#{request.host_with_port}"
  end

  # Private IPv4 addresses of this machine, as text.
  def addresses
    Socket.ip_address_list.select { |address| address.ipv4_private? && !address.ipv4_loopback? }.map(&:ip_address).uniq
  end

  # Names under which this machine may be known in the house.
  def names = [Socket.gethostname[/\A[a-z0-9-]+/i]].compact.map { |name| "#{name.downcase}.local" }

  # text: an address to be served beside this machine's own. Returns it. Raises Core::Refusal where it is none, is
  # this machine's own, or is not one that this machine has.
  def check_address(text)
    address = IPAddr.new(text)
    refuse(:no_ipv4_address, address: text) unless address.ipv4?
    refuse(:address_of_this_machine_itself, address: text) if text == Server::HOST
    TCPServer.new(address.to_s, 0).close
    text
  rescue IPAddr::Error
    refuse(:no_ip_address, given: text)
  rescue SystemCallError
    refuse(:address_not_here, address: text, addresses: (": #{addresses.join(', ')}" if addresses.any?))
  end

  # certificate, key: paths. Raises Core::Refusal where they cannot be read as PEM, or do not belong together.
  def check_certificate(certificate, key)
    read = OpenSSL::X509::Certificate.new(File.read(certificate))
    own = OpenSSL::PKey.read(File.read(key))
    refuse(:key_of_another_certificate) unless read.check_private_key(own)
  rescue OpenSSL::OpenSSLError
    refuse(:certificate_unreadable)
  end

  # A QR code of an address for a terminal: two rows of modules a line, dark on light whatever the colours.
  def qr(address)
    modules = RQRCode::QRCode.new(address).modules
    side = modules.size
    dark = ->(row, column) { row.between?(0, side - 1) && column.between?(0, side - 1) && modules[row][column] }
    (-2...(side + 2)).step(2).map do |row|
      (-2...(side + 2)).map { |column| block(dark.call(row, column), dark.call(row + 1, column)) }.join
    end.join("\n")
  end

  private

  def refuse(code, **params) = raise(Core::Refusal.new(code, **params))

  # Light modules are drawn, dark ones left, for the usual dark terminal.
  def block(upper, lower)
    return lower ? " " : "▄" if upper

    lower ? "▀" : "█"
  end
end
