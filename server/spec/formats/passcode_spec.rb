# frozen_string_literal: true

require_relative "format_helper"

# Other devices, from the command line: the passcode, and what is refused before anything listens.
RSpec.describe "bin/kohlrabi passcode and serve --lan", :own_data do
  include_context "with a home of its own"

  def file(name) = File.join(@home, name).tap { |path| File.write(path, "-----BEGIN CERTIFICATE-----\n") }

  it "sets a passcode read from standard input, and keeps it nowhere in the clear" do
    output, _, status = run("passcode", input: "turnip soup\n")
    expect([status.success?,
            output]).to match([true, /The passcode is set. Other devices have to enter it again./])
    expect(Dir[File.join(@home, "**/*")].select do |path|
      File.file?(path)
    end.map { |path| File.binread(path) }.join).not_to include("turnip soup")
  end

  it "refuses one that is too short, and says how to set another" do
    _, errors, status = run("passcode", input: "short\n")
    expect([status.exitstatus,
            errors]).to eq([1,
                            "The passcode is shorter than 8 characters. Choose a longer one. Set one with bin/kohlrabi passcode.\n"])
  end

  it "listens to nobody without a passcode" do
    _, errors, status = run("serve", "--lan", "--address", "127.0.0.2")
    expect([status.exitstatus, errors]).to match([1, /shorter than 8 characters/])
  end

  it "takes a certificate only with its key, and only files that are there" do
    _, errors, status = run("serve", "--lan", "--certificate", file("cert.pem"))
    expect([status.exitstatus, errors]).to eq([1, "A certificate needs its key. Give both or neither.\n"])
    _, errors, status = run("serve", "--lan", "--certificate", file("cert.pem"), "--key", File.join(@home, "none.pem"))
    expect([status.exitstatus, errors]).to match([1, /Can't read the file .*none.pem/])
  end

  it "refuses an address that is not another of this machine's, and a certificate that is none, in words" do
    answers = %w[127.0.0.1 8.8.8.8 nonsense ::1].map do |address|
      run("serve", "--lan", "--address", address, input: "turnip soup\n")[1]
    end
    expect(answers).to match([/is this computer itself/, /This computer has no address 8.8.8.8/, /“nonsense” isn't an IP address/,
                              /::1 isn't an IPv4 address/])
    answers.each { |errors| expect(errors.lines.size).to eq(1) }
    _, errors, status = run("serve", "--lan", "--certificate", file("cert.pem"), "--key", file("key.pem"),
                            input: "turnip soup\n")
    expect([status.exitstatus,
            errors]).to eq([1,
                            "The certificate or its key can't be read: both have to be PEM files. Use the files made for this computer.\n"])
    own, other = Array.new(2) { OpenSSL::PKey::EC.generate("prime256v1") }
    certificate = OpenSSL::X509::Certificate.new.tap do |made|
      made.public_key = own
      made.not_before = Time.at(0)
      made.not_after = Time.at(4_000_000_000)
      made.sign(own, "SHA256")
    end
    [["c.pem", certificate.to_pem], ["k.pem", other.to_pem]].each do |name, text|
      File.write(File.join(@home, name), text)
    end
    _, errors, = run("serve", "--lan", "--certificate", File.join(@home, "c.pem"), "--key", File.join(@home, "k.pem"),
                     input: "turnip soup\n")
    expect(errors).to include("The key doesn't match the certificate")
  end

  it "knows only private addresses of this machine, and draws an address that reads back as itself" do
    expect(Network.addresses).to all(match(/\A(10|172|192)\./))
    code = Network.qr("http://192.168.7.20:4646/").split("\n")
    modules = RQRCode::QRCode.new("http://192.168.7.20:4646/").modules
    # Two rows of modules a line, with a light border of two.
    read = code.flat_map do |line|
      pairs = line.chars.map do |block|
        { " " => [true, true], "▄" => [true, false], "▀" => [false, true], "█" => [false, false] }.fetch(block)
      end
      [pairs.map(&:first), pairs.map(&:last)]
    end
    inner = read[2, modules.size].map { |row| row[2, modules.size] }
    expect(inner).to eq(modules)
    expect(read.first).to all(be(false))
  end

  it "speaks to other devices through the certificate, and to this machine plainly" do
    lan = Server::Lan.new(addresses: ["192.168.7.20"], certificate: "/c.pem", key: "/k.pem")
    expect([lan.scheme, Server.send(:bind, "192.168.7.20", 4646, lan), Server.send(:bind, "127.0.0.1", 4646, lan)])
      .to eq(["https", "ssl://192.168.7.20:4646?cert=%2Fc.pem&key=%2Fk.pem&no_tlsv1=true&no_tlsv1_1=true",
              "tcp://127.0.0.1:4646"])
  end
end
