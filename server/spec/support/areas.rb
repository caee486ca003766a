# frozen_string_literal: true

require "parser/ruby31"
require "set"

# Which area reaches into which, read off the constants in the code of a room: core/lib/kohlrabi/core or
# server/lib/kohlrabi/operations.
class Areas
  # room: path of the folder that holds the areas; namespace: the module they live in.
  def initialize(room, namespace)
    @namespace = namespace
    @files = Dir[File.join(room, "*/**/*.rb")].to_h { |file| [file, file.delete_prefix("#{room}/").split("/").first] }
    @known = @files.keys.to_set { |file| constant(file.delete_prefix("#{room}/").delete_suffix(".rb")) }
    @known.merge(@files.values.map { |area| "#{namespace}::#{camel(area)}" })
  end

  # {area => {area it uses => the files that do}}.
  def uses
    @files.each_with_object({}) do |(file, area), all|
      reached(file).each do |other|
        ((all[area] ||= {})[other] ||= []) << File.basename(file, ".rb") unless other == area
      end
    end
  end

  # Pairs of areas that use each other, as "bench, planning".
  def circles
    pairs = uses.flat_map { |area, others| others.keys.map { |other| [area, other] } }
    pairs.select { |pair| pair == pair.sort && pairs.include?(pair.reverse) }.map { |pair| pair.join(", ") }.sort
  end

  private

  def camel(word) = word.split("_").map(&:capitalize).join
  def constant(path) = "#{@namespace}::#{path.split('/').map { |part| camel(part) }.join('::')}"

  def reached(file)
    tree = Parser::Ruby31.new.parse(Parser::Source::Buffer.new(file, source: File.read(file)))
    found = Set.new
    references(tree, []) do |name, scopes|
      full = resolve(name, scopes)
      found << full.delete_prefix("#{@namespace}::").split("::").first.downcase if full
    end
    found
  end

  # Yields each constant with the modules around it, innermost first.
  def references(node, scopes, &block)
    return unless node.is_a?(Parser::AST::Node)

    case node.type
    when :module, :class
      inner = [[scopes.first, name(node.children.first)].compact.join("::"), *scopes]
      node.children.drop(1).each { |child| references(child, inner, &block) }
    when :const then name(node) ? yield(name(node), scopes) : references(node.children.first, scopes, &block)
    else node.children.each { |child| references(child, scopes, &block) }
    end
  end

  def name(node)
    return node.children.last.to_s if node.children.first.nil? || node.children.first.type == :cbase

    inner = node.children.first.type == :const && name(node.children.first)
    inner && "#{inner}::#{node.children.last}"
  end

  # The full name of what a name means there, where it lies in an area.
  def resolve(name, scopes)
    [*scopes, nil].map { |scope| [scope, name].compact.join("::") }.find do |full|
      full.start_with?("#{@namespace}::") && (known?(full) || known?(full.split("::")[0..-2].join("::")))
    end
  end

  def known?(full) = full.count(":") > @namespace.count(":") && @known.include?(full)
end
