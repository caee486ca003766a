# frozen_string_literal: true

module Operations
  module Planning
    # What could be used instead of a product of the plan, and what that does to hours, days and money.
    module Substitutes
      Row = Struct.new(:product, :seconds, :days, :money, keyword_init: true)

      extend Support::Refusing

      extend self

      # product: key as the plan names it. Returns Array of Row, the one in use first; differences against it. Raises
      # Refused.
      def of(piece_id, product)
        piece = Support::Finder.find(Records::Piece, piece_id)
        product = Core::Shelf::Products.product(product)
        plan = Plans.of(piece) or refuse(:no_plan_yet)
        used = plan.brief.products.fetch(product)
        generic = asked_for(piece, product)
        rows = [used, *plan.brief.products.of_kind(used[:kind]).reject { |row| row[:key] == used[:key] }]
        base = figures(plan)
        rows.map { |row| row(row, base, figures(swapped(piece, plan, generic, row[:key]))) }
      end

      # The key that the plan asks for where the given one is used instead of it.
      def asked_for(piece, product)
        JSON.parse(Plans.chosen(piece).swaps).key(product) || product
      end

      private

      def swapped(piece, plan, asked, instead)
        Plans.of(piece, products: plan.brief.products.with_swaps(asked => instead))
      end

      def figures(plan)
        [plan.remaining, Plans.ready(plan).first.days,
         Core::Planning::Stock.new(plan.materials_left, plan.brief.products).price]
      end

      def row(product, base, figures)
        differences = base.zip(figures).map { |was, now| was && now ? now - was : nil }
        Row.new(product: product, seconds: differences[0], days: differences[1], money: differences[2])
      end
    end
  end
end
