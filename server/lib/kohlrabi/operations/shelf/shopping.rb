# frozen_string_literal: true

module Operations
  module Shelf
    # What all planned work still needs, less what is on the shelf, in whole containers.
    module Shopping
      # line: Core::Planning::Stock::Line of what to buy, nil where the shelf has enough; needed, there: amounts;
      # pieces: names; gear: whether it is worn, not used up by the amount; note: what would have to be said of a
      # colour, or nil.
      Row = Struct.new(:product, :needed, :there, :line, :pieces, :gear, :note, keyword_init: true)

      extend self

      # Array of Row: first what is to be bought. bench: Bench::Schedules; found: {product key => {piece name => amount}}
      # of what bench tools found.
      def rows(bench, found)
        products = Products.core
        there = Containers.left
        aside = Core::Shelf::SetAside.new(there, products)
        rows = aside.apart(needs(bench, found)).map do |key, amounts|
          product = products.fetch(key)
          row(product, amounts, aside.take(product, amounts.values.sum), products)
        end
        (rows + gear(bench, there, products)).sort_by do |row|
          [row.line ? 0 : 1, row.product[:kind], row.product[:label]]
        end
      end

      # Minor units that all of it costs; nil where a price is not known.
      def total(rows)
        prices = rows.filter_map(&:line).map(&:price)
        prices.include?(nil) ? nil : prices.sum
      end

      # {product key => shop where it was bought last, by the receipts}.
      def shops
        rows = Records::Container.live.joins(:receipt).where.not(receipts: { shop: nil }).order("receipts.id").pluck(
          :product, "receipts.shop"
        )
        rows.to_h
      end

      # What the work of today and of tomorrow is short of: a sentence a day, each product once, on the day that needs
      # it first.
      def warnings(bench, found)
        short = rows(bench, found).select(&:line).to_h { |row| [row.product[:key], row.product[:label]] }
        [["Today", 0], ["Tomorrow", 1]].filter_map do |word, days|
          lacking = short.keys & wanted_on(bench, bench.today + days)
          "To buy for #{word.downcase}: #{lacking.map { |key| short.delete(key) }.to_sentence}." if lacking.any?
        end
      end

      private

      # Keys of products and gear that the steps of a date take.
      def wanted_on(bench, date)
        steps = bench.schedule.between(bench.at(date), bench.at(date + 1)).map { |slot, _, _| bench.step(slot) }
        steps.flat_map { |step| [*step.materials.keys, *Core::Planning::Cautions.gear(step.cautions)] }.uniq
      end

      # {product key => {piece name => amount}} of all plans and of what bench tools found.
      def needs(bench, found)
        bench.plans.each_with_object(found) do |(id, plan), all|
          plan.materials_left.each do |key, amount|
            (all[key] ||= Hash.new(0))[bench.pieces.fetch(id).name] += amount if amount.positive?
          end
        end
      end

      def row(product, amounts, there, products)
        needed = amounts.values.sum
        missing = needed - there
        line = Core::Planning::Stock.new({ product[:key] => missing }, products).lines.first if missing.positive?
        Row.new(product: product, needed: needed, there: there, line: line, pieces: amounts.keys, gear: false,
                note: (note(product, products) if line))
      end

      # What the shelf has of it in a colour that nobody has said, or why nothing on the shelf can serve yet.
      def note(product, products)
        return unless products.colours?(product)
        unless product[:colour]
          return ("no color is chosen for it yet" if Core::Shelf::Products::BY_LOOK.include?(product[:kind]))
        end

        plain = Draws.keys(products.fetch(product[:product]))
        there = Containers.left.slice(*plain).values.sum
        unit = Support::Workshop.current.length_unit
        return unless there.positive?

        "You have #{Core::Shelf::Amount.text(there, product, unit: unit)} on the shelf with no color set. If it's the right color, set it there"
      end

      # Gear that open steps ask for: one container where none is there.
      def gear(bench, there, products)
        steps_by_gear(bench.plans.values.flat_map { |plan| plan.steps.reject(&:done?) }).map do |key, labels|
          product = products.fetch(key)
          line = Core::Planning::Stock.new({ key => 1 }, products).lines.first unless there.fetch(key, 0).positive?
          Row.new(product: product, needed: nil, there: there.fetch(key, 0), line: line, pieces: labels.uniq.first(2),
                  gear: true)
        end
      end

      # {gear key => labels of steps}.
      def steps_by_gear(steps)
        steps.each_with_object({}) do |step, all|
          Core::Planning::Cautions.gear(step.cautions).each { |key| (all[key] ||= []) << step.label }
        end
      end
    end
  end
end
