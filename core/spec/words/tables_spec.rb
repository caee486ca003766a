# frozen_string_literal: true

# The core's own tables, as files: YAML lets the later of two equal keys win without a word.
RSpec.describe "the core's tables" do
  # Keys that stand twice in one mapping of a node, anywhere below it.
  def twice(node)
    keys = node.is_a?(Psych::Nodes::Mapping) ? node.children.each_slice(2).map { |key, _| key.value } : []
    keys.tally.select { |_, times| times > 1 }.keys + Array(node.children).flat_map { |child| twice(child) }
  end

  it "say each thing once" do
    files = Dir[File.join(Core::DATA, "**/*.yml")]
    expect(files).not_to be_empty
    expect(files.to_h do |file|
      [File.basename(file), twice(Psych.parse_file(file))]
    end.reject { |_, keys| keys.empty? }).to eq({})
  end
end
