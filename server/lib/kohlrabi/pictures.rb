# frozen_string_literal: true

require "digest"
require "image_processing/vips"
require "marcel"
require "tempfile"

# Picture files: checked by their content, turned upright, re-encoded without any metadata (place, camera, time), and
# kept in the data folder under the fingerprint of what was written, with a small one beside it.
module Pictures
  MAX_BYTES = 25_000_000 # bytes of one file
  MAX_PIXELS = 120_000_000
  LARGE = 2000 # px on the longer side
  SMALL = 480
  TYPES = { "image/jpeg" => "JPEG", "image/png" => "PNG", "image/webp" => "WebP" }.freeze
  PHONE = %w[image/heic image/heif image/heic-sequence image/heif-sequence image/avif].freeze # what telephones take
  QUALITY = 84

  extend self

  # bytes: String; name: as the person knows the file. Returns {fingerprint:, width:, height:}.
  # Raises Core::Refusal with the name: too large, not a picture, cut short.
  def store(bytes, name: nil)
    name = Core::Units::Numerals.clip(name.presence || "the photo")
    refuse(:picture_empty, name: name) if bytes.empty?
    refuse(:picture_too_large, name: name, most: MAX_BYTES / 1_000_000) if bytes.bytesize > MAX_BYTES
    type = Marcel::MimeType.for(StringIO.new(bytes))
    check_type(type, name)
    Tempfile.create("kohlrabi", binmode: true) do |file|
      file.write(bytes)
      file.flush
      keep(file, name)
    end
  end

  # Writes a picture of an archive back under its name in the folder. bytes: as they were kept once.
  def bring_back(name, bytes) = write(File.join(folder, name), bytes)

  # Whether bytes are a whole JPEG, as all that is kept here.
  def picture?(bytes)
    image = Vips::Image.jpegload_buffer(bytes, shrink: 8, fail_on: :error)
    image.width * image.height <= MAX_PIXELS && image.avg >= 0
  rescue Vips::Error
    false
  end

  # Removes what a write left that was cut off with its process.
  def sweep = FileUtils.rm_f(Dir[File.join(folder, "**/*.part")])

  # Bytes of a stored picture. Raises Core::Refusal where its file is lost.
  def read(fingerprint)
    File.binread(path(fingerprint))
  rescue Errno::ENOENT
    refuse(:photo_file_lost)
  end

  # Path of a stored picture. size: :large or :small.
  def path(fingerprint, size: :large)
    File.join(folder, fingerprint[0, 2], "#{fingerprint}#{'-small' if size == :small}.jpg")
  end

  # The folder beside the database in use.
  def folder
    File.join(File.dirname(ActiveRecord::Base.connection_db_config.database), "photos")
  end

  def heif? = !Vips.type_find("VipsOperation", "heifload").zero?

  private

  def keep(file, name)
    check_size(file, name)
    large = encode(file, LARGE)
    fingerprint = Digest::SHA256.hexdigest(large)
    write(path(fingerprint), large)
    write(path(fingerprint, size: :small), encode(file, SMALL))
    image = Vips::Image.new_from_buffer(large, "")
    { fingerprint: fingerprint, width: image.width, height: image.height }
  rescue Vips::Error, ImageProcessing::Error
    refuse(:picture_damaged, name: name)
  end

  # Pictures of telephones where this machine's libvips reads them.
  def check_type(type, name)
    return if TYPES.key?(type) || (PHONE.include?(type) && heif?)

    refuse(:not_a_picture, name: name, type: type, kinds: TYPES.values.join(", ")) unless PHONE.include?(type)

    refuse(:heic_unreadable, name: name)
  end

  def check_size(file, name)
    image = Vips::Image.new_from_file(file.path)
    return if image.width * image.height <= MAX_PIXELS

    refuse(:picture_too_many_pixels, name: name, most_pixels: MAX_PIXELS / 1_000_000)
  end

  # Upright by the EXIF orientation, in sRGB, stripped; String of JPEG.
  def encode(file, side)
    made = ImageProcessing::Vips.source(file.path).loader(fail_on: :truncated, autorot: true).resize_to_limit(side, side, no_rotate: true)
                                .colourspace(:srgb).custom do |image|
      opaque(image)
    end.convert("jpg").saver(strip: true, quality: QUALITY).call
    File.binread(made.path)
  ensure
    made&.close!
  end

  # What can be seen through is laid on white.
  def opaque(image) = image.has_alpha? ? image.flatten(background: [255, 255, 255]) : image

  # Under a name of its own first, so that no half-written picture is ever found.
  def write(path, bytes)
    return if File.exist?(path)

    FileUtils.mkdir_p(File.dirname(path), mode: 0o700)
    partial = "#{path}.#{Process.pid}.part"
    File.open(partial, "wb", 0o600) do |file|
      file.write(bytes)
      file.fsync # on the disk before it has its name
    end
    File.rename(partial, path)
  ensure
    FileUtils.rm_f(partial) if partial
  end

  def refuse(code, **params) = raise(Core::Refusal.new(code, field: :photo, **params))
end
