# frozen_string_literal: true

module Operations
  module Shelf
    # What was salvaged, found inside or given: nothing was paid for it.
    module Stash
      extend Support::Refusing

      extend self

      PARTS = %i[lot photos stash_uses].freeze # what is said of one
      PER_PAGE = 100

      # [items of a page, how many in all], latest first.
      def page(page: 1)
        scope = Records::StashItem.live
        shown = scope.order(Arel.sql("got_on DESC NULLS LAST, id DESC")).offset((page - 1) * PER_PAGE).limit(PER_PAGE)
        [shown.preload(PARTS).to_a, scope.count]
      end

      # What it would cost to replace all that is still there, minor units: [sum of what is known, how many rows have no
      # value].
      def worth
        rows = Records::StashItem.live
        used = Records::StashUse.live.joins(:stash_item).merge(rows).sum("stash_items.value_minor * stash_uses.count")
        [rows.sum("value_minor * count") - used, rows.where(value_minor: nil).count]
      end

      # given: {"name", "count", "value", "origin", "got_on"}; value: replacement value of one.
      def create(given, lot: nil)
        Records::StashItem.create!(lot: lot, **read(given, new: true))
      end

      def update(id, given)
        item = Support::Finder.find(Records::StashItem, id)
        values = read(given)
        used = item.count - StashUses.left(item)
        refuse_fewer(item, used) if values.fetch(:count, used) < used
        item.update!(values)
        item
      end

      def remove(id)
        item = Support::Finder.find(Records::StashItem, id)
        Support::Removal.of([item], what: "#{item.name} removed from the stash")
      end

      private

      def refuse_fewer(item, used)
        refuse(:stash_used_on_pieces, field: :count, used: used, item: item.name)
      end

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:name, max: 120, required: new || params.sent?(:name))
        params.count(:count, 0..100_000, required: new || params.sent?(:count))
        params.money(:value)
        params.text(:origin, max: 120)
        params.choice(:kind, Core::Shelf::StashFit::KINDS.keys, required: params.sent?(:kind))
        %i[spacing length width thickness].each { |field| params.length(field) }
        params.date(:got_on, what: "Got")
        params.done!
      end
    end
  end
end
