# frozen_string_literal: true

module Operations
  module Shelf
    # Using the stash on a piece, and asking what of it would fit.
    module StashUses
      LEGS = 4

      extend Support::Refusing

      extend self

      # given: {"piece_id", "count"}. Returns the use. Raises Refused for more than is there.
      def create(item_id, given)
        Records::Base.transaction do
          item = Support::Finder.find(Records::StashItem, item_id)
          piece = Support::Finder.find(Records::Piece, given["piece_id"])
          params = Support::Params.new(given, Support::Workshop.current)
          count = params.count(:count, 1..100_000, required: true)
          params.done!
          left = left(item)
          refuse(:too_few_in_stash, field: :count, left: left, item: item.name) if count > left

          use = Records::StashUse.create!(stash_item: item, piece: piece, count: count, value_minor: item.value_minor,
                                          used_on: Support::Workshop.today)
          Flips::Summaries.refresh(piece.id)
          Flips::Changes.write(piece, "stash", "From the stash: #{count} × #{item.name}.")
          use
        end
      end

      def remove(id)
        use = Support::Finder.find(Records::StashUse, id)
        Support::Removal.of([use], what: "#{use.count} × #{use.stash_item.name} back in the stash")
      end

      # What was used on a piece.
      def of_piece(piece) = Records::StashUse.live.where(piece: piece).order(:id).preload(:stash_item).to_a

      # How many of it are still there.
      def left(item)
        uses = item.stash_uses
        item.count - (uses.loaded? ? uses.sum(&:count) : uses.sum(:count))
      end

      # {item id => number used}.
      def used(ids) = Records::StashUse.live.where(stash_item_id: ids).group(:stash_item_id).sum(:count)

      # Array of Core::Shelf::StashFit::Answer for a piece.
      def fits(piece)
        items = Records::StashItem.live.order(:id).to_a
        used = used(items.map(&:id))
        stash = items.map { |item| core(item, item.count - used.fetch(item.id, 0)) }.reject { |item| item.number < 1 }
        Core::Shelf::StashFit.new(stash, needs(piece), unit: Support::Workshop.current.length_unit).answers
      end

      private

      def core(item, count)
        Core::Shelf::StashFit::Item.new(id: item.id, name: item.name, kind: item.kind, number: count, spacing: item.spacing_mm,
                                        long: item.length_mm,
                                        wide: item.width_mm)
      end

      # What the piece could take: pulls by its fronts and doors, legs, shelves, a pane.
      def needs(piece)
        shape = Planning::Drawing.shape(piece)
        need = Core::Shelf::StashFit::Need
        pulls = shape.drawer_rows.to_a.sum + shape.doors.to_i
        [(need.new(kind: "pull", what: "Pulls", number: pulls, spacing: spacing(piece)) if pulls.positive?),
         (if shape.base == "legs" && shape.leg.to_f.positive?
            need.new(kind: "leg", what: "Legs", number: LEGS,
                     long: shape.leg)
          end),
         (if shape.shelves.to_i.positive?
            need.new(kind: "board", what: "Shelves", number: shape.shelves, long: shape.width,
                     wide: shape.depth)
          end),
         (if piece.kind == "mirror" && shape.width
            need.new(kind: "glass", what: "Pane", number: 1, long: shape.height,
                     wide: shape.width)
          end)].compact
      end

      # Centre to centre of the holes that are there or wanted, mm; nil where nobody has said.
      def spacing(piece)
        piece.chosen_look&.spacing_mm || piece.findings.find do |finding|
          finding.kind == "old_holes" && finding.measure
        end&.measure
      end
    end
  end
end
