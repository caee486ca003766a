# frozen_string_literal: true

module Operations
  module Shelf
    # Products of the workshop's own: a generic one with the figures of its own label, which win.
    module Products
      # Field => column.
      WAITS = { touch: :touch_dry, sand: :sand, recoat: :recoat, handle: :handle }.freeze

      extend Support::Refusing

      extend self

      def all = Records::Product.live.order(:generic, :label)

      # Core::Shelf::Products for the workshop.
      def core(workshop = Support::Workshop.current)
        Support::Context.once(:products) do
          mixes = Mixes.shares
          own = all.sort_by(&:id).map { |row| own(row).merge(mix: mixes[row.id]) }
          Core::Shelf::Products.new(own: own, colours: Colours.core, currency: workshop.money,
                                    unit: workshop.length_unit)
        end
      end

      # They are changed, or about to be.
      def forget = %i[products colours].each { |key| Support::Context.forget(key) }

      # given: {"label", "generic", "base"?, "rate"?, "touch"?, "sand"?, "recoat"?, "handle"?, "cure"? in days,
      # "coldest"? in °C, "pack_amount"?, "pack_price"?, "builtin"?, "blocks"? (Arrays, as its label says), "grips"?
      # (yes, no), "thin"? in percent}.
      def create(given) = Records::Product.create!(read(given, new: true)).tap { forget }

      def update(id, given)
        Records::Base.transaction do
          row = Support::Finder.find(Records::Product, id)
          row.update!(read(given, generic: row.generic))
          forget
          Planning::Plans.refresh_all(product: key(row))
          row
        end
      end

      def remove(id)
        row = Support::Finder.find(Records::Product, id)
        used = Records::LookZone.joins(:look).where(product: key(row), looks: { deletion_id: nil }).exists?
        refuse(:part_of_a_look, row: row.label) if used

        on_shelf = Records::Container.live.where("product = :key OR product LIKE :coloured", key: key(row),
                                                                                             coloured: "#{key(row)}@%").exists?
        refuse(:product_on_the_shelf, row: row.label) if on_shelf

        part = Mixes.made_of(key(row))
        refuse(:part_of_a_mix, row: row.label, product: part.product.label) if part

        Support::Removal.of([row, *Records::Mix.live.where(product_id: row.id)], what: "#{row.label} removed").tap { forget }
      end

      def key(row) = "own-#{row.id}"

      private

      def own(row)
        packs = [[row.pack_amount, row.pack_price_minor]] if row.pack_amount
        { key: key(row), like: row.generic, label: row.label, rate: row.rate, sand: row.sand, recoat: row.recoat, handle: row.handle,
          touch: row.touch_dry, base: row.base, thin: row.thin, grips: row.grips, builtin: row.builtin&.split(","), blocks: row.blocks&.split(","),
          cure: row.cure, coldest: row.coldest, packs: packs }
      end

      def read(given, new: false, generic: nil)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:label, max: 60, required: new || params.sent?(:label))
        params.choice(:generic, Core::Shelf::Products::GENERIC.keys, required: new || params.sent?(:generic))
        params.with(:rate) { |raw| above_zero(Core::Units::Measures.parse_rate(raw, unit: params.workshop.length_unit), raw) }
        waits(params)
        params.with(:coldest) { |raw| Core::Units::Measures.parse_temperature(raw, unit: params.workshop.length_unit) }
        params.with(:pack_amount) { |raw| pack(raw, given["generic"] || generic, params.workshop) }
        params.money(:pack_price)
        nature(params, given)
      end

      # What it is: its base, what it has built in, holds back and sticks to, how far it is thinned.
      def nature(params, given)
        params.choice(:base, Core::Shelf::ProductCautions::BASES.keys)
        params.with(:thin) { |raw| percent(raw) }
        params.choice(:grips, %w[yes no])
        values = params.done!
        values[:grips] = values[:grips] && values[:grips] == "yes" if values.key?(:grips)
        values.merge(%i[builtin blocks].to_h { |field| [field, listed(given, field)] }.compact)
      end

      # What a container of it holds, whole millilitres, grams or pieces.
      def pack(raw, generic, workshop)
        unit = Core::Shelf::Products::GENERIC.fetch(generic.to_s, { unit: "ml" })[:unit]
        amount = Core::Units::Quantity.parse(raw, unit: unit, house: workshop.length_unit).round
        return amount if amount.between?(1, 100_000)

        raise Core::Refusal.new(:not_in_range, given: raw, min: 1, max: 100_000)
      end

      def waits(params)
        WAITS.each do |field, column|
          params.with(field, into: column) do |raw|
            Core::Units::Effort.parse(raw, bare: :hours, most: Core::Units::Effort::LONGEST_WAIT) / 60
          end
        end
        params.count(:cure, 1..365)
      end

      # "primer,clear" of what its label says it has built in or holds back; nil where that was not said.
      def listed(given, field)
        return unless given.key?(field.to_s)

        among = Core::Shelf::Products::LABELS.fetch(field).keys
        said = Array(given[field.to_s]).uniq
        foreign = (said - among).first
        refuse(:cannot_stand_here, field: field, given: foreign, among: among.join(", ")) if foreign
        said.join(",")
      end

      def percent(raw)
        value = Core::Units::Numerals.parse(raw.delete_suffix("%").strip, decimal: :either)
        return value.to_f if value.between?(0, 100)

        raise Core::Refusal.new(:thinning_out_of_range, given: raw)
      end

      def above_zero(value, raw)
        return value if value.positive?

        raise Core::Refusal.new(:coverage_not_positive, given: raw)
      end
    end
  end
end
