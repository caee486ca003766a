# frozen_string_literal: true

require_relative "format_helper"

# Other devices, from the command line: the passcode, and what is refused before anything listens.
RSpec.describe "bin/kohlrabi passcode and serve --lan", :own_data do
  include_context "with a home of its own"

  def file(name) = File.join(@home, name).tap { |path| File.write(path, "-----BEGIN CERTIFICATE-----\n") }

  it "sets a passcode read from standard input, and keeps it nowhere in the clear" do
    output, _, status = run("passcode", input: "turnip soup\n")
    expect([status.success?, output]).to match([true, /The passcode is set. Devices that were let in before must give it again./])
    expect(Dir[File.join(@home, "*")].map { |path| File.binread(path) }.join).not_to include("turnip soup")
  end

  it "refuses one that is too short, and says how to set another" do
    _, errors, status = run("passcode", input: "short\n")
    expect([status.exitstatus,
            errors]).to eq([1, "The passcode is shorter than 8 characters. Give a longer one. Set one with bin/kohlrabi passcode.\n"])
  end

  it "listens to nobody without a passcode" do
    _, errors, status = run("serve", "--lan", "--address", "127.0.0.2")
    expect([status.exitstatus, errors]).to match([1, /shorter than 8 characters/])
  end

  it "takes a certificate only with its key, and only files that are there" do
    _, errors, status = run("serve", "--lan", "--certificate", file("cert.pem"))
    expect([status.exitstatus, errors]).to eq([1, "A certificate and its key go together: give both or neither.\n"])
    _, errors, status = run("serve", "--lan", "--certificate", file("cert.pem"), "--key", File.join(@home, "none.pem"))
    expect([status.exitstatus, errors]).to match([1, /There is no readable file .*none.pem/])
  end

  it "knows only private addresses of this machine, and draws an address that reads back as itself" do
    expect(Kohlrabi::Network.addresses).to all(match(/\A(10|172|192)\./))
    code = Kohlrabi::Network.qr("http://192.168.7.20:4646/").split("\n")
    modules = RQRCode::QRCode.new("http://192.168.7.20:4646/").modules
    # Two rows of modules a line, with a light border of two.
    read = code.flat_map do |line|
      pairs = line.chars.map { |block| { " " => [true, true], "▄" => [true, false], "▀" => [false, true], "█" => [false, false] }.fetch(block) }
      [pairs.map(&:first), pairs.map(&:last)]
    end
    inner = read[2, modules.size].map { |row| row[2, modules.size] }
    expect(inner).to eq(modules)
    expect(read.first).to all(be(false))
  end

  it "speaks to other devices through the certificate, and to this machine plainly" do
    lan = Kohlrabi::Server::Lan.new(addresses: ["192.168.7.20"], certificate: "/c.pem", key: "/k.pem")
    expect([lan.scheme, Kohlrabi::Server.send(:bind, "192.168.7.20", 4646, lan), Kohlrabi::Server.send(:bind, "127.0.0.1", 4646, lan)])
      .to eq(["https", "ssl://192.168.7.20:4646?cert=%2Fc.pem&key=%2Fk.pem", "tcp://127.0.0.1:4646"])
  end
end
