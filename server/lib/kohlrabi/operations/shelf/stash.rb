# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Shelf
      # What was salvaged, found inside or given: nothing was paid for it.
      module Stash
        extend Support::Refusing

        module_function

        # [items of a page, how many in all], latest first.
        def page(page: 1, per: 100)
          scope = Records::StashItem.live.order(Arel.sql("got_on DESC NULLS LAST, id DESC"))
          [scope.offset((page - 1) * per).limit(per).includes(:lot, :photos).to_a, scope.count]
        end

        # What it would cost to replace all that is still there, minor units: [sum of what is known, how many rows have no value].
        def worth
          rows = Records::StashItem.live
          used = Records::StashUse.live.joins(:stash_item).merge(rows)
          [rows.sum("value_minor * count") - used.sum("stash_items.value_minor * stash_uses.count"), rows.where(value_minor: nil).count]
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

        def refuse_fewer(item, used)
          refuse(:stash_used_on_pieces, field: :count, used: used, item: item.name)
        end
        private_class_method :refuse_fewer

        def remove(id)
          item = Support::Finder.find(Records::StashItem, id)
          Support::Removal.of([item], what: "#{item.name} removed from the stash")
        end

        def read(given, new: false)
          reading = Support::Reading.new(given, House::WorkshopSettings.workshop)
          reading.text(:name, max: 120, required: new || reading.sent?(:name))
          reading.count(:count, 0..100_000, required: new || reading.sent?(:count))
          reading.money(:value)
          reading.text(:origin, max: 120)
          reading.choice(:kind, Core::Shelf::StashFit::KINDS.keys, required: reading.sent?(:kind))
          %i[spacing length width thickness].each { |field| reading.length(field) }
          reading.date(:got_on, what: "Got")
          reading.done!
        end
        private_class_method :read
      end
    end
  end
end
