# frozen_string_literal: true

module Operations
  module Shelf
    # Taking from the shelf for a piece, or for several with shares: a cost, and draws on the oldest containers.
    module Draws
      extend Support::Refusing

      extend self

      # given: {"product", "amount" | "share", "pieces": [{"piece_id", "weight"?}], "drawn_on"?, "container_id"?,
      # "more"?}: share is of the container (or of the oldest); more: there was more in it than the shelf says.
      # Returns the cost.
      def create(given)
        Records::Base.transaction do
          product = Containers.product(given["product"])
          rows = Flips::Sharing.read(given["pieces"])
          containers = containers(product, given["container_id"])
          amount, on = read(given, product, containers)
          next noted(product, containers, amount, rows, on) if Support::Facts.noted?

          find_more(containers, amount) if given["more"]
          draw(product, containers, amount, rows, on)
        end
      end

      # Takes a cost back with its draws.
      def remove(cost)
        Support::Removal.of([cost, *cost.draws], what: "#{cost.what} returned to the shelf")
      end

      # Takes what a step is planned to need, as far as it is there. Returns Array of costs; what is not on the
      # shelf is left out. amounts: {product key => Numeric}; step: its label, kept with what was taken.
      def for_step(piece, amounts, step: nil)
        available(amounts).map { |product, containers, taken| draw(product, containers, taken, [[piece.id, "1"]], Support::Workshop.today, step: step) }
      end

      # The same in words, without taking it.
      def there(amounts)
        unit = Support::Workshop.current.length_unit
        available(amounts).map { |product, _, taken| "#{Core::Shelf::Amount.text(taken, product, unit: unit)} #{product[:label]}" }
      end

      # Minor units that planned amounts will cost a piece by the house's rule: their part of what containers cost, or
      # whole containers, where the first draw bears all and what is open on the shelf has been paid. Nil where a price
      # is not known. amounts: {product key => Numeric}; products: Core::Shelf::Products.
      def expected_cost(amounts, products)
        return Core::Planning::Stock.new(amounts, products).used unless whole?

        rest = products.apart(amounts)
        on_shelf = available(rest).sum do |product, containers, taken|
          rest[product[:key]] -= taken
          parts(product, containers, taken).sum(&:cost)
        end
        Core::Planning::Stock.new(rest.select { |_, amount| amount.positive? }, products).price&.+(on_shelf)
      end

      # What stands open on the shelf has changed: where the first draw bears all, other plans cost otherwise.
      def opened = (refresh_plans if whole?)

      # Counts again what the plans of pieces in work still cost.
      def refresh_plans
        pieces = Records::Look.live.where(chosen: true).joins(piece: :summary).where(flip_summaries: { stage: Flips::Lists::IN_WORK })
        Flips::Summaries.refresh(pieces.pluck(:piece_id))
      end

      # Containers that a product is taken from: its own, and for a generic one those of own products like it.
      def containers(product, id)
        return [Support::Finder.find(Records::Container, id)] if id

        Containers.containers(keys(product))
      end

      # Keys of what serves as a material, of what is on the shelf. row: of a product or material; shelf: keys of
      # what is there, where known.
      def keys(row, shelf = Support::Context.once(:on_shelf) { Containers.left.keys })
        Products.core.serving(row, shelf)
      end

      # Takes an amount into a batch that is being mixed. Returns what it cost, minor units. Raises Refused.
      def into(batch, key, amount, more: false)
        product = Containers.product(key)
        containers = containers(product, nil)
        find_more(containers, amount) if more
        parts = parts(product, containers, amount)
        values = values(parts, containers)
        parts.zip(values) { |part, value| keep(part, Support::Workshop.today, batch: batch, value_minor: value) }
        batch.update!(value_minor: batch.value_minor.to_i + values.sum) if values.sum.positive?
        parts.sum(&:cost)
      rescue Core::Refusal => e
        raise Support::Refused, [e.of(product[:label])]
      end

      private

      # What a device noted was taken, whatever the shelf says: what was read since then holds, and where more was
      # taken than stood in a container, that is asked about.
      def noted(product, containers, amount, rows, on)
        Levels.lift(containers)
        ask_more(containers, amount - containers.sum { |row| Containers.core(row).left })
        cost = draw(product, containers, amount, rows, on)
        containers.each { |row| ask_more([Levels.settle(row.reload)], -Containers.core(row).left) }
        cost
      end

      # There was more in the last container by so much; asked about.
      def ask_more(containers, short)
        return unless short.positive? && containers.any?

        grow(containers.last, short)
        Flips::Questions.ask_level(containers.last, (short * Containers::THOUSANDTHS).ceil)
      end

      def whole? = Support::Workshop.current.material_rule == "whole"

      # [product, containers with a price, amount that can be taken] of what is on the shelf.
      def available(amounts)
        amounts.filter_map do |key, amount|
          product = Containers.product(key)
          containers = containers(product, nil).select(&:paid_minor)
          taken = [exact(amount), containers.sum { |row| Containers.core(row).left }].min
          [product, containers, taken] if taken.positive?
        end
      end

      def draw(product, containers, amount, rows, on, step: nil)
        parts = parts(product, containers, amount)
        unit = Support::Workshop.current.length_unit
        what = "#{Core::Shelf::Amount.text(amount, product, unit: unit)} #{product[:label]}"
        values = values(parts, containers)
        cost = Records::Cost.create!(what: what, category: category(product), amount_minor: parts.sum(&:cost), value_minor: values.sum,
                                     spent_on: on)
        parts.zip(values) { |part, value| keep(part, on, cost: cost, step: step, value_minor: value) }
        Flips::Summaries.refresh(Flips::Sharing.write(cost, rows))
        opened
        cost
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      # Array of Core::Shelf::FirstIn::Part, oldest container first.
      def parts(product, containers, amount)
        stock = Core::Shelf::FirstIn.new(containers.map { |row| Containers.core(row) }, whole: whole?)
        stock.draw(amount) { |left| Core::Shelf::Amount.text(left, product, unit: Support::Workshop.current.length_unit) }
      end

      # What the parts of a draw would have cost where they were gifts, minor units.
      def values(parts, containers)
        rows = containers.index_by(&:id)
        parts.map { |part| Containers.valued(rows.fetch(part.container.id)).cost(part.amount) }
      end

      # given: what it is for: a cost and its step, or a batch.
      def keep(part, on, **given)
        Records::Draw.create!(container_id: part.container.id, amount_thousandths: (part.amount * Containers::THOUSANDTHS).round,
                              amount_minor: part.cost, drawn_on: on, happened_at: Clock.now, **given)
        Records::Container.where(id: part.container.id, opened_on: nil).update_all(opened_on: on,
                                                                                   updated_at: Clock.now)
      end

      def read(given, product, containers)
        params = Support::Params.new(given, Support::Workshop.current)
        params.with(:amount) { |raw| Core::Units::Quantity.parse(raw, unit: product[:unit], house: Support::Workshop.current.length_unit) }
        params.with(:share, into: :amount) { |raw| Core::Units::Quantity.share(raw) * oldest(containers).volume }
        params.date(:drawn_on, what: "Taken")
        values = params.done!
        refuse(:amount_taken_missing, field: :amount) unless values[:amount]
        [exact(values[:amount]), values[:drawn_on] || Support::Workshop.today]
      end

      def oldest(containers)
        open = containers.map { |row| Containers.core(row) }.find { |container| !container.empty? }
        open || raise(Core::Refusal.new(:none_on_the_shelf))
      end

      # Whole thousandths of the unit, so that what is stored adds up.
      def exact(amount) = Rational((amount.to_r * Containers::THOUSANDTHS).round, Containers::THOUSANDTHS)

      # There was more in the last container than the shelf says: it held so much the more, for the same money.
      def find_more(containers, amount)
        short = amount - containers.sum { |row| Containers.core(row).left }
        return unless short.positive? && containers.any?

        grow(containers.last, short)
      end

      def grow(container, short)
        container.update!(size_thousandths: container.size_thousandths + (short * Containers::THOUSANDTHS).ceil)
      end

      def category(product) = product[:kind] == "fitting" ? "hardware" : "materials"
    end
  end
end
