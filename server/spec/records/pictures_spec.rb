# frozen_string_literal: true

require_relative "../support/records_helper"
require "vips"

RSpec.describe Pictures do
  def image(width, height, *colour)
    Vips::Image.black(width, height, bands: colour.size).linear([1] * colour.size,
                                                                colour).cast(:uchar).copy(interpretation: :srgb)
  end

  def stored(made, size = :large) = Vips::Image.new_from_file(described_class.path(made[:fingerprint], size: size))

  it "lays what can be seen through on white" do
    made = described_class.store(image(40, 30, 200, 0, 0, 0).write_to_buffer(".png"), name: "clear.png")
    expect(stored(made).getpoint(20, 15)).to all(be > 250)
  end

  it "takes WebP and grey pictures too, and writes JPEG in colour" do
    webp = described_class.store(image(60, 40, 10, 120, 30).write_to_buffer(".webp"), name: "a.webp")
    expect([stored(webp).width, stored(webp).get("vips-loader")]).to eq([60, "jpegload"])
    grey = described_class.store(Vips::Image.black(50, 50).write_to_buffer(".png"), name: "grey.png")
    expect(stored(grey).bands).to eq(3)
  end

  # What telephones take; the file was made by libvips for this spec.
  it "takes a HEIC where libvips reads them, and says how to send another where it does not" do
    bytes = File.binread(File.join(__dir__, "pictures/telephone.heic"))
    made = described_class.store(bytes, name: "IMG_1.HEIC")
    expect([made[:width], made[:height], stored(made).get("vips-loader")]).to eq([48, 36, "jpegload"])
    allow(described_class).to receive(:heif?).and_return(false)
    expect do
      described_class.store(bytes,
                            name: "IMG_1.HEIC")
    end.to raise_error(Core::Refusal, /this computer can't read those\. Send it as a JPEG/)
  end

  it "keeps the same picture once, and leaves no half-written file" do
    bytes = image(80, 60, 1, 2, 3).write_to_buffer(".jpg")
    first, second = Array.new(2) { described_class.store(bytes, name: "same.jpg") }
    expect(first).to eq(second)
    files = Dir[File.join(described_class.folder, "**/*")].select { |path| File.file?(path) }
    expect(files.grep(/#{first[:fingerprint]}/).size).to eq(2)
    expect(files.grep(/part/)).to eq([])
  end

  it "refuses by name what is no picture, whatever it is called, and writes nothing" do
    before = Dir[File.join(described_class.folder, "**/*")]
    script = "<?php echo 'no'; ?>"
    svg = "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>"
    gif = "GIF89a#{"\0" * 40}"
    { "a.jpg" => script, "b.png" => svg, "c.jpg" => gif, "d.jpg" => "\xFF\xD8\xFF\xE0 cut".b }.each do |name, bytes|
      expect { described_class.store(bytes, name: name) }.to raise_error(Core::Refusal, /\A#{name} /)
    end
    expect(Dir[File.join(described_class.folder, "**/*")]).to eq(before)
  end

  it "refuses a picture that would fill the memory before it is read" do
    huge = image(20, 20, 1, 1, 1).write_to_buffer(".png")
    huge[16, 8] = [60_000, 60_000].pack("N2") # the header says 3,600 million pixels
    huge[29, 4] = [Zlib.crc32(huge[12, 17])].pack("N")
    expect do
      described_class.store(huge, name: "bomb.png")
    end.to raise_error(Core::Refusal, /bomb.png (has more than 120 million pixels|is damaged)/)
  end

  it "draws the demo's photos the same each time, and before unlike after" do
    flips = [{ "name" => "Chest", "kind" => "chest of drawers", "measures" => [900, 450, 850], "body" => "#336699" }]
    one, other = Array.new(2) { Demo::Pictures.new(flips) }
    expect(one.of("Chest", "before")).to eq(other.of("Chest", "before"))
    shades = %w[before during after].map { |kind| stored(one.of("Chest", kind), :small).avg.round(1) }
    expect(shades.uniq.size).to eq(3)
  end
end
