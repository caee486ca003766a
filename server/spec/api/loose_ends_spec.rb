# frozen_string_literal: true

require_relative "../server_helper"

# Nothing is kept that nobody uses. (What the contract defines and nothing uses is found by bin/contract.)
RSpec.describe "loose ends", :own_data do
  def read(pattern) = Dir[File.join(ROOT, pattern)].to_h { |file| [file, File.read(file)] }

  # Columns of the tables: keys of rows. What a row itself is called by, in tables that are one hash, is looked up by a
  # name from elsewhere.
  def columns(table)
    rows = table.is_a?(Array) ? table : table.values
    rows.grep(Hash).flat_map(&:keys).map(&:to_s).uniq
  end

  it "leaves no column of a table of the core unread" do
    code = read("{core,server}/lib/**/*.rb").values.join
    unread = Dir[File.join(ROOT, "core/data/**/*.yml")].flat_map do |file|
      columns(YAML.safe_load_file(file)).reject { |name| code.match?(/:#{name}\b|\b#{name}:|%[wi]\[[^\]]*\b#{name}\b/) }
                                        .map { |name| "#{File.basename(file)}: #{name}" }
    end
    expect(unread).to eq([])
  end

  it "leaves no export of the interface unused" do
    files = read("web/src/**/*.{ts,tsx}").reject { |file, _| file.end_with?("schema.ts") }
    text = files.values.join("\n")
    exported = text.scan(/^export (?:default )?(?:const|function|class|type) (\w+)/).flatten.uniq
    defaults = text.scan(/^export default function (\w+)/).flatten
    expect(exported.size).to be > 300
    expect((exported - defaults).select { |name| text.scan(/\b#{name}\b/).size < 2 }).to eq([])
  end
end
