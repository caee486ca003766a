# frozen_string_literal: true

module Operations
  module Shelf
    # Which zones of a piece have which colour out of a tin, by which coats, and what still stands of it: what a
    # touch-up asks for. Mixes have their own, see MixUses.
    module ColourUses
      # row: of Core::Shelf::Products in its colour; zones: keys by the plan as it is; needed: still to come; coats:
      # Array of MixUses::Coat, the latest first; tins: containers that are not empty.
      Use = Struct.new(:row, :plan, :zones, :needed, :coats, :tins, keyword_init: true)

      extend self

      # Array of Use, by label.
      def of_piece(piece)
        plan = Planning::Plans.of(piece)
        products = plan ? plan.brief.products : Products.core
        rows = ((plan ? plan.materials.keys : []) | taken(piece)).map do |key|
          products.fetch(key)
        end.select { |row| row[:colour] }
        tins = Containers.containers.reject { |tin| Containers.core(tin).empty? }.group_by(&:product)
        rows.map { |row| use(row, piece, plan, tins) }.sort_by { |use| use.row[:label] }
      end

      private

      def use(row, piece, plan, tins)
        steps = plan ? plan.steps.select { |step| step.materials.key?(row[:key]) } : []
        keys = Draws.keys(row)
        Use.new(row: row, plan: plan, zones: steps.flat_map(&:zones).uniq, needed: plan ? plan.materials_left.fetch(row[:key], 0) : 0,
                coats: MixUses.coats(keys, [piece]).fetch(piece.id, []), tins: tins.values_at(*keys).compact.flatten)
      end

      # Keys of what the piece has had from the shelf.
      def taken(piece)
        Records::Draw.live.joins(:container,
                                 cost: :shares).where(cost_shares: { piece_id: piece.id }).distinct.pluck("containers.product")
      end
    end
  end
end
