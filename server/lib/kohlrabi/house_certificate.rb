# frozen_string_literal: true

require "fileutils"
require "ipaddr"
require "openssl"

# The house's own certificate authority and the certificate it gives this machine, so that what other devices send
# cannot be overheard. Made once, kept beside the data; its keys are read by their owner only. The authority may
# speak for local addresses and names alone (RFC 5280, 4.2.1.10): whoever got hold of its key could not pass for
# anything else.
class HouseCertificate
  FOLDER = "tls"
  # Private and link-local networks (RFC 1918, RFC 3927) and this machine itself, with their masks.
  NETWORKS = ["10.0.0.0/255.0.0.0", "172.16.0.0/255.240.0.0", "192.168.0.0/255.255.0.0", "169.254.0.0/255.255.0.0",
              "127.0.0.0/255.0.0.0"].freeze
  NAMES = %w[local home.arpa localhost].freeze # local by mDNS (RFC 6762), at home (RFC 8375)
  YEARS = 10 # of the authority
  DAYS = 397 # of a certificate: the longest that phones take, from memory
  RENEWED = 30 # days before its end
  CLOCKS = 86_400 # seconds by which a phone's clock may be behind

  attr_reader :certificate, :key, :authority

  # folder: of the data; addresses: IPv4 addresses as text; names: further names of this machine; now: Time. Makes
  # what is missing, has run out, or is for other addresses. Raises SystemCallError where the folder cannot be
  # written.
  def initialize(folder, addresses, names: [], now: Time.now)
    @folder = File.join(folder, FOLDER)
    @addresses = addresses
    @names = names
    @now = now
    FileUtils.mkdir_p(@folder, mode: 0o700)
    @certificate, @key, @authority = %w[house.pem house-key.pem authority.pem].map { |name| File.join(@folder, name) }
    make
  end

  # Whether the authority was made just now: devices have to be told to trust it, again where there was one before.
  def new_authority? = @new_authority

  # Paths of what the server speaks with.
  def files = { certificate: certificate, key: key }

  # SHA-256 of the authority's certificate in groups of four, to be compared by eye.
  def fingerprint = OpenSSL::Digest::SHA256.hexdigest(read_authority.to_der).upcase.scan(/.{4}/).join(" ")

  # The authority's public certificate, DER, as phones take it.
  def public_der = read_authority.to_der

  private

  def make
    pair = authority_pair
    give(*pair) unless fits?(pair.first)
  end

  # [certificate, key] of the authority, as kept or made again.
  def authority_pair
    kept = [read_authority, read_key("authority-key.pem")]
    return kept if kept.all? && kept.first.check_private_key(kept.last) && kept.first.not_after > @now

    @new_authority = true
    new_authority
  end

  def read_authority = kept { OpenSSL::X509::Certificate.new(File.read(@authority)) }
  def read_key(name) = kept { OpenSSL::PKey.read(File.read(File.join(@folder, name))) }

  # nil for what was deleted or damaged by hand: it is made again.
  def kept
    yield
  rescue Errno::ENOENT, OpenSSL::OpenSSLError
    nil
  end

  # Whether the kept certificate is of this authority, for these addresses, and good for some time.
  def fits?(authority)
    found = kept { OpenSSL::X509::Certificate.new(File.read(@certificate)) } or return false
    own = read_key("house-key.pem") or return false
    found.check_private_key(own) && found.verify(authority.public_key) && names_of(found) == [*@addresses,
                                                                                              *@names].sort &&
      found.not_after > @now + (RENEWED * 86_400)
  end

  def names_of(certificate)
    said = certificate.extensions.find { |one| one.oid == "subjectAltName" }
    said.value.split(", ").map { |name| name.split(":", 2).last }.sort
  end

  def alternative_names
    [*@addresses.map { |address| "IP:#{address}" }, *@names.map { |name| "DNS:#{name}" }].join(",")
  end

  def new_authority
    key = OpenSSL::PKey::EC.generate("prime256v1")
    made = blank("Kohlrabi, this house's own authority", key, YEARS * 365)
    made.issuer = made.subject
    extend_with(made, made, "basicConstraints" => ["CA:TRUE,pathlen:0", true], "keyUsage" => ["keyCertSign,cRLSign", true],
                            "nameConstraints" => [permitted, true], "subjectKeyIdentifier" => ["hash", false])
    made.sign(key, "SHA256")
    write("authority-key.pem", key.private_to_pem, 0o600)
    write("authority.pem", made.to_pem, 0o644)
    [made, key]
  end

  def permitted
    [*NETWORKS.map { |network| "permitted;IP:#{network}" }, *NAMES.map { |name| "permitted;DNS:#{name}" }].join(",")
  end

  # The certificate of this machine.
  def give(authority, authority_key)
    key = OpenSSL::PKey::EC.generate("prime256v1")
    made = blank("Kohlrabi in this house", key, DAYS)
    made.issuer = authority.subject
    extend_with(made, authority, "basicConstraints" => ["CA:FALSE", true], "keyUsage" => ["digitalSignature", true],
                                 "extendedKeyUsage" => ["serverAuth", false], "subjectAltName" => [alternative_names, false],
                                 "authorityKeyIdentifier" => ["keyid", false])
    made.sign(authority_key, "SHA256")
    write("house-key.pem", key.private_to_pem, 0o600)
    write("house.pem", made.to_pem, 0o644)
  end

  def blank(name, key, days)
    OpenSSL::X509::Certificate.new.tap do |made|
      made.version = 2
      made.serial = OpenSSL::BN.rand(120)
      made.subject = OpenSSL::X509::Name.new([["CN", name]])
      made.public_key = key
      made.not_before = @now - CLOCKS
      made.not_after = @now + (days * 86_400)
    end
  end

  def extend_with(made, issuer, extensions)
    factory = OpenSSL::X509::ExtensionFactory.new(issuer, made)
    extensions.each { |name, (value, critical)| made.add_extension(factory.create_extension(name, value, critical)) }
  end

  # Whole or not at all, and never readable to others while it is written.
  def write(name, text, mode)
    path = File.join(@folder, name)
    File.open("#{path}.part", File::WRONLY | File::CREAT | File::TRUNC, mode) { |file| file.write(text) && file.fsync }
    File.chmod(mode, "#{path}.part")
    File.rename("#{path}.part", path)
  end
end
