# frozen_string_literal: true

require "rqrcode"
require "socket"

module Kohlrabi
  # The addresses of this machine on its own networks, for devices beside it, and how they are announced.
  module Network
    module_function

    # Private IPv4 addresses of this machine, as text.
    def addresses
      Socket.ip_address_list.select { |address| address.ipv4_private? && !address.ipv4_loopback? }.map(&:ip_address).uniq
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

    # Light modules are drawn, dark ones left, for the usual dark terminal.
    def block(upper, lower)
      return lower ? " " : "▄" if upper

      lower ? "▀" : "█"
    end
    private_class_method :block
  end
end
