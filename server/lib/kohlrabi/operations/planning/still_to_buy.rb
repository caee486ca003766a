# frozen_string_literal: true

module Operations
  module Planning
    # What a piece in work still has to buy, and which recorded costs cover it. A cost counts for something only where
    # the person linked the two; what no cost covers is still to spend.
    module StillToBuy
      # item: "product:KEY", "hardware" or "work:ID"; kind: of product, or nil; minor: what it is expected to cost.
      Item = Struct.new(:item, :label, :kind, :minor, keyword_init: true)

      extend self

      # Array of Item of a piece in work.
      def of(piece)
        plan = RecordedWork.closed?(piece) ? nil : Plans.of(piece)
        return [] unless plan

        products(plan) + [hardware(piece, plan)].compact + works(piece, plan)
      rescue Core::Refusal # a plan that cannot be made says so on its own page
        []
      end

      # {piece => Array of [Item, whether a cost probably covers it]} of pieces that have something to buy of the cost's
      # category.
      def offers(ids, what, category)
        pieces = Records::Piece.live.where(id: ids).order(:id).preload(:summary, *Plans::PARTS).to_a
        pieces.to_h { |piece| [piece, likely(of(piece), what, category)] }.reject { |_, items| items.empty? }
      end

      # items with whether the words of a cost name them; none for a category that pays for nothing planned.
      def likely(items, what, category)
        return [] unless %w[materials hardware].include?(category)

        named = Core::Planning::CostWords.likely(what, items.map { |one| [one.item, one.label, one.kind] })
        items.map { |one| [one, named.include?(one.item)] }
      end

      # Links a cost to what it covers. rows: Array of {"piece_id", "item"}. Raises Refused for what none of its pieces
      # needs.
      def link(cost, rows)
        pieces = cost.shares.map(&:piece_id)
        Array(rows).uniq.each do |row|
          known = pieces.include?(row["piece_id"]) && of(Support::Finder.find(Records::Piece, row["piece_id"])).any? { |one| one.item == row["item"] }
          raise Support::Refused, [Core::Refusal.new(:nothing_to_cover, field: :covers)] unless known

          Records::CostLink.find_or_create_by!(cost: cost, piece_id: row["piece_id"], item: row["item"])
        end
        Flips::Summaries.refresh(pieces) if Array(rows).any?
      end

      # Items of a piece that live costs cover.
      def covered(piece) = piece.cost_links.reject { |link| link.cost.deletion_id }.map(&:item)

      private

      def products(plan)
        Core::Planning::Stock.new(plan.materials_left, plan.brief.products).lines.select do |line|
          line.price.to_i.positive?
        end.map do |line|
          Item.new(item: "product:#{line.row[:key]}", label: line.row[:label], kind: line.row[:kind], minor: line.used)
        end
      end

      def hardware(piece, plan)
        minor = Plans.hardware_left(piece, Plans.chosen(piece), plan).to_i
        Item.new(item: "hardware", label: "new hardware", minor: minor) if minor.positive?
      end

      def works(piece, plan)
        AppliedWorks.to_buy(piece, Plans.chosen(piece), plan).map do |row|
          Item.new(item: "work:#{row.id}", label: AppliedWorks::KINDS.fetch(row.tool)[:label], minor: row.cost_minor)
        end
      end
    end
  end
end
