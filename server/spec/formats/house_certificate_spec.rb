# frozen_string_literal: true

require_relative "format_helper"

# The house's own authority, judged by OpenSSL's own verification (openssl verify), not by what made it.
RSpec.describe HouseCertificate do
  around { |example| Dir.mktmpdir { |folder| (@folder = folder) && example.run } }

  def house(addresses = ["192.168.7.20"], **rest) = described_class.new(@folder, addresses, **rest)
  def file(name) = File.join(@folder, "tls", name)

  # What OpenSSL's command line says of the certificate; purpose and name as a browser asks.
  def verified(made, *how)
    command = ["openssl", "verify", "-x509_strict", "-purpose", "sslserver", "-CAfile", made.authority, *how,
               made.certificate]
    IO.popen([*command, { err: %i[child out] }], &:read)
  end

  it "is accepted for its addresses and names, and for no other" do
    made = house(["192.168.7.20", "10.1.2.3"], names: ["bench.local"])
    expect(verified(made)).to end_with("OK\n")
    expect(verified(made, "-verify_ip", "10.1.2.3")).to end_with("OK\n")
    expect(verified(made, "-verify_hostname", "bench.local")).to end_with("OK\n")
    expect(verified(made, "-verify_ip", "10.1.2.4")).to include("IP address mismatch")
  end

  it "cannot speak for an address or a name outside of private networks" do
    expect(verified(house(["8.8.8.8"]))).to include("permitted subtree violation")
    expect(verified(house(["192.168.7.20"], names: ["shop.example.com"]))).to include("permitted subtree violation")
  end

  it "is made once, anew for other addresses and near its end, by the same authority" do
    first = house
    expect(first).to be_new_authority
    kept = %w[authority.pem house.pem].map { |name| File.read(file(name)) }
    expect(house).not_to be_new_authority
    expect(%w[authority.pem house.pem].map { |name| File.read(file(name)) }).to eq(kept)
    again = house(["10.0.0.5"])
    expect([again.new_authority?, File.read(file("authority.pem"))]).to eq([nil, kept.first])
    expect(verified(again, "-verify_ip", "10.0.0.5")).to end_with("OK\n")
    later = Time.now + ((described_class::DAYS - 29) * 86_400)
    before = File.read(file("house.pem"))
    house(["10.0.0.5"], now: later)
    expect(File.read(file("house.pem"))).not_to eq(before)
    expect(OpenSSL::X509::Certificate.new(before).not_after - Time.now).to be <= 398 * 86_400 # what phones take at the most, from memory
  end

  it "is made again where it was deleted or damaged by hand, and says that devices must be told" do
    house
    File.delete(file("house.pem"))
    expect([house.new_authority?, verified(house)]).to match([nil, /OK/])
    File.write(file("house-key.pem"), "scratched")
    expect([house.new_authority?, verified(house)]).to match([nil, /OK/])
    fingerprint = house.fingerprint
    File.delete(file("authority-key.pem"))
    made = house
    expect([made.new_authority?, verified(made), made.fingerprint == fingerprint]).to match([true, /OK/, false])
  end

  it "keeps its keys from others, and shows its fingerprint as OpenSSL does" do
    made = house
    expect(%w[authority-key.pem house-key.pem].map { |name| File.stat(file(name)).mode & 0o777 }).to eq([0o600, 0o600])
    expect(File.stat(file("")).mode & 0o777).to eq(0o700)
    said = IO.popen(["openssl", "x509", "-in", made.authority, "-noout", "-fingerprint", "-sha256"], &:read)
    expect(made.fingerprint.delete(" ")).to eq(said[/=(.*)/, 1].delete(":"))
    expect(made.fingerprint).to match(/\A([0-9A-F]{4} ){15}[0-9A-F]{4}\z/)
  end
end
