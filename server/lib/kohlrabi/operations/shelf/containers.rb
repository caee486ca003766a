# frozen_string_literal: true

module Operations
  module Shelf
    # Materials on the shelf: containers of products, what is left in them and what it is worth.
    module Containers
      THOUSANDTHS = 1000
      SOON = 30 # days before it expires that a reminder comes
      LOW = 1/5r # of a container: nearly used up
      # One product: row of Core::Shelf::Products; containers: of Records; left: Rational; worth: minor units or nil
      # where something paid is not known.
      Row = Struct.new(:product, :containers, :left, :worth, keyword_init: true)

      extend Support::Refusing

      extend self

      # Array of Row by kind and label; what is used up comes with finished: true.
      def rows(finished: false)
        products = Products.core
        shown = finished ? containers : containers.reject { |one| core(one).empty? }
        rows = shown.group_by(&:product).map { |key, all| row(products.fetch(key), all) }
        rows.sort_by { |row| [row.product[:kind], row.product[:label].downcase] }
      end

      # Live containers, oldest first: what was there at the start, then by date.
      # parts: associations that are filled.
      def containers(products = nil, parts = [:draws])
        scope = Records::Container.live
        scope = scope.where(product: products) if products
        scope.preload(parts).sort_by { |one| [one.opening ? 0 : 1, one.bought_on || Date.new(1), one.id] }
      end

      # Core::Shelf::Container of a record.
      def core(row)
        Core::Shelf::Container.new(id: row.id, volume: Rational(row.size_thousandths, THOUSANDTHS), paid: row.paid_minor,
                                   drawn: Rational(row.draws.sum(&:amount_thousandths), THOUSANDTHS), charged: row.draws.sum(&:amount_minor))
      end

      # The same at what a gift would have cost; its draws are worth their part of that.
      def valued(row)
        Core::Shelf::Container.new(id: row.id, volume: Rational(row.size_thousandths, THOUSANDTHS), paid: row.value_minor.to_i,
                                   drawn: Rational(row.draws.sum(&:amount_thousandths), THOUSANDTHS), charged: row.draws.sum(&:value_minor))
      end

      # {material key => Rational left}.
      def left
        containers.group_by(&:product).transform_values { |all| all.sum { |one| core(one).left } }
      end

      # given: {"product", "colour"?, "size", "paid"?, "value"? (of a gift: what it would have cost), "count"?,
      # "bought_on"?, "opened_on"?, "keeps_until"?, "place"?, "note"?, "opening"?}. Returns the containers.
      def create(given)
        Records::Base.transaction do
          product = material(given)
          values = { bought_on: Support::Facts.day, **read(given, product, new: true) }
          params = Support::Params.new(given, Support::Workshop.current)
          params.count(:count, 1..100)
          count = params.done![:count] || 1
          Array.new(count) { Records::Container.create!(product: product[:key], opening: given["opening"] == true, **values) }.tap { Draws.opened }
        end
      end

      def update(id, given)
        Records::Base.transaction do
          row = Support::Finder.find(Records::Container, id)
          now = material(given, row.product)
          values = { product: now[:key], **read(given, now, had: row.paid_minor) }
          refuse_used(row, values)
          row.update!(values)
          row
        end
      end

      def remove(id)
        row = Support::Finder.find(Records::Container, id)
        refuse(:taken_from) if row.draws.any?(&:cost_id)
        refuse(:mixed_from_it) if row.draws.any?(&:batch_id)

        # What a batch was mixed from goes back where it came from.
        Support::Removal.of([row, *row.draws, *row.ingredients, *row.additions],
                            what: "#{product(row.product)[:label]} removed from the shelf")
      end

      # What is really left, by weighing or by eye. given: {"left"} an amount, or {"share"} of what it held. The
      # difference is lost or found at its part of what was paid, and no piece pays for it. Returns the container.
      def level(id, given)
        Records::Base.transaction do
          row = Support::Finder.find(Records::Container, id)
          container = core(row)
          left = left_of(given, container, product(row.product))
          gone, cost = container.lost(left)
          lost = { amount_thousandths: (gone * THOUSANDTHS).round, amount_minor: cost.to_i, value_minor: valued(row).lost(left).last.to_i,
                   drawn_on: Support::Workshop.today, happened_at: Clock.now,
                   reading_thousandths: (left * THOUSANDTHS).round }
          row.draws.create!(lost)
          Flips::Questions.level_read(row)
          Levels.settle(row.reload)
        end
      end

      # Draws came back: what they took may have been used for something else since. Raises Refused.
      def restored(records)
        ids = records.grep(Records::Draw).map(&:container_id).uniq
        rows = Records::Container.where(id: ids).preload(:draws)
        refuse(:shelf_taken_since) if rows.any? { |row| core(row).left.negative? }
      end

      # Row of a product in the colour that was said; where none is sent it stays as it is. now: material key.
      # Raises Refused.
      def material(given, now = nil)
        row = product(given["product"].to_s.empty? ? now : given["product"])
        return row unless given.key?("colour")

        products = Products.core
        plain = products.fetch(Core::Shelf::Products.product(row[:key]))
        return plain if given["colour"].to_s.strip.empty?

        unless products.colours?(plain)
          refuse(:product_has_no_colour, field: :colour,
                                         product: plain[:label].upcase_first)
        end
        products.coloured(plain, Colours.parse(given["colour"]))
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:colour)]
      end

      # A product's row. Raises Refused.
      def product(key)
        Products.core.fetch(key.to_s)
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:product)]
      end

      private

      def row(product, containers)
        cores = containers.map { |one| core(one) }
        Row.new(product: product, containers: containers, left: cores.sum(&:left),
                worth: (cores.sum(&:worth) if cores.all?(&:paid)))
      end

      def left_of(given, container, product)
        params = Support::Params.new(given, Support::Workshop.current)
        params.with(:left) { |raw| Core::Units::Quantity.parse(raw, unit: product[:unit], house: Support::Workshop.current.length_unit) }
        params.with(:share, into: :left) { |raw| Core::Units::Quantity.share(raw) * container.volume }
        left = params.done![:left]
        refuse(:amount_left_missing, field: :left) unless left
        most = Core::Shelf::Amount.text(container.volume, product, unit: Support::Workshop.current.length_unit)
        refuse(:more_than_it_held, field: :left, most: most) if left > container.volume
        left
      end

      def read(given, product, new: false, had: nil)
        params = Support::Params.new(given, Support::Workshop.current)
        params.with(:size, into: :size_thousandths, required: new || params.sent?(:size)) { |raw| size(raw, product) }
        params.money(:paid)
        params.money(:value)
        params.date(:bought_on, what: "Bought")
        params.date(:opened_on, what: "Opened")
        params.day(:keeps_until)
        params.text(:place, max: 60)
        params.text(:note, max: 200)
        gift(params.done!, had)
      end

      # A gift costs nothing: what it would have cost is its value.
      def gift(values, had)
        return values unless values[:value_minor]

        paid = values.fetch(:paid_minor, had)
        refuse(:gift_was_paid_for, field: :value) if paid&.positive?
        values.merge(paid_minor: 0)
      end

      def size(raw, product)
        amount = Core::Units::Quantity.parse(raw, unit: product[:unit], house: Support::Workshop.current.length_unit)
        return (amount * THOUSANDTHS).round if amount.positive? && amount <= 1_000_000

        raise Core::Refusal.new(:container_size_impossible, given: raw)
      end

      def refuse_used(row, values)
        changed = %i[product size_thousandths paid_minor value_minor].find do |name|
          values.key?(name) && values[name] != row[name]
        end
        field = { product: :product, paid_minor: :paid, value_minor: :value }.fetch(changed, :size)
        used = row.draws.any? { |draw| draw.cost_id || draw.batch_id }
        Core::Shelf::Container.check_exchange(field, used: used, batch: row.ingredients.any?) if changed
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end
    end
  end
end
