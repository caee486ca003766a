# frozen_string_literal: true

# Asking a tool as it is asked from the bench.
module ToolsHelper
  def ask(key, unit: "mm", **given)
    tool = Core::Tools::Catalogue.fetch(key.to_s)
    tool.new(given.to_h do |name, value|
      [name.to_s, value.to_s]
    end, unit: unit, products: Core::Shelf::Products.new(currency: Plans::EURO)).answer
  end

  def said(answer, label) = answer.lines.find { |line| line.label == label }&.text

  # The refusal of a field.
  def refused(key, **given)
    ask(key, **given)
    raise "nothing was refused"
  rescue Core::Refusal => e
    [e.field, e.message]
  end
end

RSpec.configure { |config| config.include ToolsHelper }
