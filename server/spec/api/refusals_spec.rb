# frozen_string_literal: true

require_relative "../server_helper"
require "rubocop"

# The catalogue of refusals and the places that refuse agree: no code without its sentences, none that nobody raises,
# and no sentence that lacks what it is to say.
RSpec.describe "catalogue of refusals", :own_data do
  sentences = Core::Refusals::ROWS
  # Every symbol of the code, and every call that begins with a code of the catalogue: [file and line, code, names of
  # its params].
  calls = []
  symbols = Set.new
  walk = lambda do |node, file|
    symbols << node.children[0] if node.type == :sym
    if node.type == :send && %i[new refuse need].include?(node.children[1])
      code, options = node.children.drop(2).grep(Parser::AST::Node).partition { |argument| argument.type != :hash }
      code = code.find { |argument| argument.type == :sym }&.children&.first
      names = options.flat_map(&:children).map { |pair| pair.type == :pair ? pair.children[0].children[0] : :any }
      refusing = node.children[1] != :new || node.children[0]&.children&.last == :Refusal
      calls << ["#{file.delete_prefix(ROOT)}:#{node.loc.line}", code, names] if refusing && code
    end
    node.children.grep(Parser::AST::Node).each { |child| walk.call(child, file) }
  end

  before(:context) do
    Dir[File.join(ROOT, "{core,server}/lib/**/*.rb")].each { |file| walk.call(RuboCop::ProcessedSource.new(File.read(file), 3.1).ast, file) }
  end

  it "has the sentences of every code that is raised" do
    expect(calls.size).to be > 250
    expect(calls.reject { |_, code, _| sentences.key?(code) }).to eq([])
  end

  it "has no code that nobody raises" do
    expect(sentences.keys.reject { |code| symbols.include?(code) }).to eq([])
  end

  it "is told all that its sentences say" do
    lacking = calls.reject { |_, _, names| names.include?(:any) }.filter_map do |place, code, names|
      said = sentences.fetch(code).values.join.scan(/%\{(\w+)\}/).flatten.map(&:to_sym)
      [place, code, said - names] if (said - names).any?
    end
    expect(lacking).to eq([])
  end

  it "says sentences that end, and names what was typed no longer than can be read" do
    expect(sentences.values.flat_map(&:values).grep_v(/[.?!…}]\z/)).to eq([])
    refusal = Core::Refusal.new(:not_a_date, given: "x" * 500)
    expect([refusal.code, refusal.message.size]).to match([:not_a_date, be < 150])
    expect { Core::Refusal.new(:nobody_wrote_this) }.to raise_error(KeyError)
  end
end
