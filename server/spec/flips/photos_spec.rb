# frozen_string_literal: true

require_relative "../support/api_helper"
require "vips"

RSpec.describe "photos", :api do
  def send_photo(bytes, query)
    call(:post, "/api/photos?#{URI.encode_www_form(query)}", bytes, { "CONTENT_TYPE" => "application/octet-stream" })
  end

  def stored(photo, size = "large") = Vips::Image.new_from_buffer(get_file(photo[size]), "")

  def get_file(path)
    get(path, {}, { "HTTP_HOST" => "127.0.0.1" })
    expect([last_response.status, last_response.headers["content-type"]]).to eq([200, "image/jpeg"])
    last_response.body
  end

  # Four quarters: red, green / blue, white, as they are meant to be seen; 60 wide, 40 high.
  def seen(x, y)
    return y < 20 ? [220, 20, 20] : [20, 20, 220] if x < 30

    y < 20 ? [20, 200, 20] : [240, 240, 240]
  end

  # The EXIF standard (JEITA CP-3451, tag 0x0112): which side of the picture the 0th row and the 0th column are.
  sides = { 1 => %i[top left], 2 => %i[top right], 3 => %i[bottom right], 4 => %i[bottom left],
            5 => %i[left top], 6 => %i[right top], 7 => %i[right bottom], 8 => %i[left bottom] }

  # A JPEG whose rows and columns are stored as the orientation says.
  def photo(orientation, row_side, column_side)
    turned = %i[left right].include?(row_side)
    rows, columns = turned ? [60, 40] : [40, 60]
    along = ->(side, place) { { left: place, right: 59 - place, top: place, bottom: 39 - place }.fetch(side) }
    pixels = Array.new(rows) do |row|
      Array.new(columns) do |column|
        x, y = if turned
                 [along[row_side, row],
                  along[column_side, column]]
               else
                 [along[column_side, column], along[row_side, row]]
               end
        seen(x, y)
      end
    end
    image = Vips::Image.new_from_memory(pixels.flatten.pack("C*"), columns, rows, 3, :uchar).copy(interpretation: :srgb)
    image = image.mutate do |change|
      change.set_type!(GObject::GSTR_TYPE, "exif-ifd0-Orientation", orientation.to_s)
      change.set_type!(GObject::GINT_TYPE, "orientation", orientation)
      change.set_type!(GObject::GSTR_TYPE, "exif-ifd0-Model", "Some camera")
      change.set_type!(GObject::GSTR_TYPE, "exif-ifd3-GPSLatitude", "52/1 30/1 0/1")
    end
    image.write_to_buffer(".jpg", Q: 95)
  end

  let(:id) { piece }
  let(:upright) { photo(1, :top, :left) }

  sides.each do |orientation, (row, column)|
    it "turns orientation #{orientation} upright (EXIF: row 0 #{row}, column 0 #{column})" do
      image = stored(send_photo(photo(orientation, row, column), { piece_id: id, kind: "before", name: "a.jpg" }))
      expect([image.width, image.height]).to eq([60, 40])
      corners = [[5, 5], [54, 5], [5, 34], [54, 34]].map { |x, y| image.getpoint(x, y).map { |value| value > 128 } }
      expect(corners).to eq([[true, false, false], [false, true, false], [false, false, true], [true, true, true]])
    end
  end

  it "removes place, camera and everything else that a file says of itself" do
    expect(Vips::Image.new_from_buffer(upright, "").get_fields.grep(/GPS|Model/).size).to eq(2)
    made = send_photo(upright, { piece_id: id, kind: "after", name: "a.jpg" })
    %w[large small].each { |size| expect(stored(made, size).get_fields.grep(/exif|xmp|iptc|icc/)).to eq([]) }
    expect(get_file(made["large"])).not_to include("Some camera")
  end

  it "makes a large picture smaller, and a thumbnail" do
    wide = Vips::Image.black(5000, 1000, bands: 3).copy(interpretation: :srgb).write_to_buffer(".png")
    made = send_photo(wide, { piece_id: id, kind: "during", name: "wide.png" })
    expect(made.slice("width", "height")).to eq("width" => 2000, "height" => 400)
    expect(stored(made, "small").width).to eq(480)
  end

  it "refuses bad files by name, and keeps the rest" do
    bad = { "note.txt" => "hello", "script.jpg" => "#!/bin/sh\necho no\n", "cut.jpg" => photo(1, :top, :left)[0, 400],
            "empty.jpg" => "" }
    bad.each do |name, bytes|
      answer = send_photo(bytes, { piece_id: id, kind: "before", name: name })
      expect([status, answer["detail"]]).to match([422, /\A#{name} (isn't a picture|is damaged or incomplete|is empty)/]),
                                            name
    end
    send_photo(upright, { piece_id: id, kind: "before", name: "good.jpg" })
    expect(call(:get, "/api/pieces/#{id}")["photos"].size).to eq(1)
    send_photo("x" * 26_500_000, { piece_id: id, kind: "before", name: "huge.jpg" })
    expect(status).to eq(413)
    expect(send_photo("x" * 25_200_000,
                      { piece_id: id, kind: "before",
                        name: "huge.jpg" })["detail"]).to start_with("huge.jpg is larger than 25 MB")
    expect(send_photo(upright, { kind: "before" })["detail"]).to include("Choose which piece")
    expect(send_photo(upright, { piece_id: id, kind: "selfie" })["detail"]).to include("isn't a kind of photo")
  end

  it "keeps them in order with captions, and the best after as the face of the piece" do
    first, second, third = %w[before after after].map do |kind|
      send_photo(upright, { piece_id: id, kind: kind, caption: kind })["id"]
    end
    call(:patch, "/api/photos/#{third}", { position: 0, caption: "In the window", kind: "after" })
    photos = call(:get, "/api/pieces/#{id}")["photos"]
    expect(photos.map { |photo| photo["id"] }).to eq([third, first, second])
    expect(photos.first["caption"]).to eq("In the window")
    expect(call(:get, "/api/pieces")["rows"].first["face"]).to match(%r{\A/photos/\h{64}-small.jpg})
    expect(call(:patch, "/api/photos/#{third}", { face: true })["face"]).to be(true)
    call(:patch, "/api/photos/#{second}", { face: true })
    expect(call(:get, "/api/pieces/#{id}")["photos"].to_h do |photo|
      [photo["id"], photo["face"]]
    end).to eq(third => false, first => false, second => true)
    removal = call(:delete, "/api/photos/#{first}")
    expect(call(:get, "/api/pieces/#{id}")["photos"].size).to eq(2)
    call(:post, "/api/deletions/#{removal['id']}/undo")
    expect(call(:get, "/api/pieces/#{id}")["photos"].size).to eq(3)
  end

  it "goes along when a spotted piece is bought, and keeps a receipt with its cost" do
    spotted = call(:post, "/api/prospects", { kind: "stool", condition: "worn", tag: "5" })["id"]
    send_photo(upright, { prospect_id: spotted, kind: "maker" })
    own = call(:post, "/api/prospects/#{spotted}/buy", {}).first["id"]
    expect(call(:get, "/api/pieces/#{own}")["photos"].map { |photo| photo["label"] }).to eq(["Maker's mark"])
    cost = call(:post, "/api/costs", { what: "Oil", category: "materials", amount: "3", pieces: [{ piece_id: own }] })
    send_photo(upright, { cost_id: cost["id"], kind: "receipt" })
    expect(call(:get, "/api/pieces/#{own}")["costs"].first["receipts"].size).to eq(1)
  end

  it "has no file but its own photos" do
    ["/photos/#{'0' * 64}.jpg", "/photos/..%2f..%2fworkshop.sqlite3", "/photos/x.jpg"].each do |path|
      get(path, {}, { "HTTP_HOST" => "127.0.0.1" })
      expect(last_response.status).to eq(404), path
    end
  end

  it "belong to things in the stash as well, and go and come back" do
    item = call(:post, "/api/stash", { name: "Bow pull", count: "2", kind: "pull" }).fetch("id")
    made = send_photo(upright, { kind: "during", stash_item_id: item, name: "a.jpg" })
    expect(call(:get, "/api/stash")).to include("kinds" => include({ "key" => "pull", "label" => "Pull or handle" }),
                                                "items" => [include("photos" => [include("id" => made["id"])])])
    gone = call(:delete, "/api/photos/#{made['id']}")
    expect(call(:get, "/api/stash")["items"].first["photos"]).to eq([])
    call(:post, "/api/deletions/#{gone['id']}/undo")
    expect(call(:get, "/api/stash")["items"].first["photos"].size).to eq(1)
    expect(send_photo(upright, { kind: "during", stash_item_id: 999, name: "a.jpg" }).fetch("status")).to eq(404)
  end
end
