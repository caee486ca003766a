# frozen_string_literal: true

module Api
  module Serializers
    module Tools
      # How cuts and materials of bench tools are said; for pages that have a Say.
      module ToolWords
        private

        # Amounts of products: {key => amount}.
        def materials(amounts)
          amounts.map do |key, amount|
            row = Operations::Shelf::Containers.product(key)
            { product: key, label: row[:label], text: @formatter.amount(amount, row) }
          end
        end

        # Pieces that a bench tool has cut, and the sizes of one.
        def cuts(answer)
          answer.cuts.map do |cut|
            { mark: cut.mark, name: cut.name, count: cut.number, size: sizes(cut), from: cut.from }
          end
        end

        def sizes(one)
          tools = Core::Tools::Formatter.new(@formatter.workshop.length_unit)
          [one.long, one.wide].compact.map { |mm| tools.length(mm) }.join(" × ")
        end
      end
    end
  end
end
