# frozen_string_literal: true

require_relative "../support/api_helper"

# A disk that is full, a folder that cannot be written, a photo that is lost: named as such, with what to do.
RSpec.describe "a disk that fails", :api do
  def connection = Records::Base.connection

  # Set on the one connection there is: those that other specs of a run have opened are closed first, as a request takes
  # any of them.
  def pragma(text)
    Records::Base.connection_pool.disconnect!
    connection.execute("PRAGMA #{text}")
    yield
  ensure
    Records::Base.connection_pool.disconnect!
    connection.execute("PRAGMA synchronous = OFF") # as it was
  end

  # SQLite itself says that there is no more room: it may have no page more than it has.
  it "says of a full disk that it is full, 507, and keeps nothing by half" do
    connection.execute("VACUUM") # no page is free
    pages = connection.select_value("PRAGMA page_count").to_i
    answers = pragma("max_page_count = #{pages}") do
      Array.new(60) do |i|
        call(:post, "/api/pieces", { name: "Piece #{i}", notes: "x" * 1900 }).merge("code" => status)
      end
    end
    full = answers.select { |answer| answer["code"] == 507 }
    expect(full.size).to be >= 30
    expect(full.map do |answer|
      answer["detail"]
    end.uniq).to eq(["The disk is full, so nothing was saved. Free some space on the disk with the workshop's data, then try again."])
    expect(Records::Piece.count).to eq(answers.size - full.size)
    call(:post, "/api/pieces", { name: "After" })
    expect(status).to eq(201)
  end

  it "calls no database damaged whose disk is full, and looks at a copy of it elsewhere" do
    Dir.mktmpdir do |folder|
      file = File.join(folder, "workshop.sqlite3")
      connection.execute("VACUUM INTO '#{file}'")
      allow(SQLite3::Database).to receive(:new).with(file).and_raise(SQLite3::IOException, "disk I/O error")
      check = -> { Records::Soundness.new(file, known: Records::Database.versions).check! }
      expect(&check).to raise_error(Records::Unusable, /is damaged/)
      allow(Tempfile).to receive(:create).and_raise(Errno::ENOSPC)
      expect(&check).to raise_error(Records::Unusable, /\AThe disk is full.*not touched/m)
    end
  end

  it "says of a folder that cannot be written that it cannot" do
    answer = pragma("query_only = ON") { call(:post, "/api/pieces", { name: "Bench" }) }
    expect([status,
            answer["detail"]]).to match([507,
                                         /can't be written, so nothing was saved. Make the folder and its files writable/])
  end

  it "knows a cause by whatever layer it came through" do
    causes = { Errno::ENOSPC.new => /full/, Errno::EROFS.new => /can't be written/,
               SQLite3::CorruptException.new => /damaged/, SQLite3::IOException.new => /isn't answering/ }
    causes.each do |cause, words|
      wrapped = begin
        begin
          raise cause
        rescue StandardError
          raise ActiveRecord::StatementInvalid, "wrapped"
        end
      rescue StandardError => e
        e
      end
      expect(Storage.trouble(wrapped).to_s).to match(words)
    end
    expect(Storage.trouble(ArgumentError.new)).to be_nil
  end

  it "says that the file of a photo is lost, to who asks for it and in the doctor" do
    picture = Pictures.store(Vips::Image.black(40, 30).write_to_buffer(".png"), name: "a.png")
    Operations::Flips::Photos.add(picture, "piece_id" => piece, "kind" => "before")
    File.delete(Pictures.path(picture[:fingerprint]))
    get("/photos/#{picture[:fingerprint]}.jpg", {}, { "HTTP_HOST" => "127.0.0.1" })
    expect([last_response.status,
            last_response.body]).to match([410, /The file of this photo is missing. Restore a backup that has it/])
    expect(Operations::House::Doctor.examine).to contain_exactly(/Photo \d+: the file is missing/)
  end

  # The loop used to end with the first copy that failed.
  it "goes on trying to keep a copy a day after one that could not be written" do
    tries = []
    allow(Backups).to receive(:keep_by_rule) { (tries << tries.size) && tries.size < 3 ? raise(Errno::ENOSPC) : nil }
    expect { Server.send(:keep_copies, wait: -> { tries.size < 3 ? nil : :end }) }
      .to output(/No backup could be made: The disk is full.*Trying again in 3 hours/m).to_stderr
    expect(tries.size).to eq(3)
  end
end
