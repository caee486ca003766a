# frozen_string_literal: true

module Core
  module Shelf
    # The products a plan can name: the generic ones of data/shelf/products.yml, and the workshop's own with the figures
    # of their labels.
    class Products
      GENERIC = Core.table("shelf/products").to_h { |row| [row[:key], row] }.freeze
      KINDS = GENERIC.values.map { |row| row[:kind] }.uniq.freeze
      STANDARD = { "paint" => "paint_all", "primer" => "primer_shellac", "clear" => "clear_water", "stain" => "stain_liquid",
                   "stripper" => "stripper" }.freeze

      # Sizes that are sold in US measures, ml and g (common practice, no source).
      US_SIZES = { "ml" => [1, 2, 4, 8, 16, 32, 128, 640].map do |ounces|
        (ounces * Units::Measures::FLUID_OUNCE).round(3)
      end,
                   "g" => [2, 4, 8, 16, 32, 80].map do |ounces|
                     (ounces * Units::Measures::POUND / 16).round(3)
                   end }.freeze

      # What a label can say a product has built in, and what it holds back.
      LABELS = { builtin: { "primer" => "primer", "clear" => "clear coat" },
                 blocks: { "bleed" => "wood and stain bleed", "odour" => "odour" } }.freeze
      # Kinds of product that come in colours (common practice, no source).
      COLOURED = %w[paint stain tinted_filler stencil metallic aerosol liner paper].freeze
      # Of these, what a look says the colour of: without one nothing on the shelf serves. Of the others any colour
      # does.
      BY_LOOK = %w[paint stain].freeze
      BETWEEN = "@" # product and colour in the key of a material

      # Key of the product of a material's key.
      def self.product(key) = key.split(BETWEEN, 2).first

      # The colour's key of a material's key, or nil.
      def self.colour(key) = key.split(BETWEEN, 2)[1]

      # The percentage that a product is thinned by; past what its label allows it is never thinned (common practice, no
      # source). Raises Refusal.
      def self.thinned!(row, percent)
        return percent if row[:thin].nil? || percent <= row[:thin]

        raise Refusal.new(:thinned_too_far, product: row[:label].capitalize, limit: row[:thin])
      end

      # own: Array of Hash like the rows of the table, with like: (the generic one they stand for), packs in minor
      # units, and mix: {product key => share} where it is mixed;
      # colours: Colours; currency: Units::Currency or nil; swaps: {product key => the one used instead}; unit: the
      # workshop's unit of length: with inches, containers are of US sizes.
      def initialize(own: [], colours: Colours.new, currency: nil, swaps: {}, unit: "mm")
        @colours = colours
        @currency = currency
        @unit = unit
        @swaps = swaps
        @own = own
        @rows = GENERIC.transform_values do |row|
          row.merge(packs: priced(row[:packs], row[:unit]), cautions: ProductCautions.of(row))
        end
        own.each { |row| @rows[row[:key]] = own(row) }
      end

      # The same with other products used instead.
      def with_swaps(swaps) = dup.tap { |copy| copy.instance_variable_set(:@swaps, @swaps.merge(swaps)) }

      attr_reader :colours

      # Two with the same rows, colours and swaps are the same: what was made from one holds for the other.
      def ==(other) = other.is_a?(Products) && identity == other.identity
      alias eql? ==
      def hash = identity.hash

      # The row of a product, or of a material (a product in a colour, "paint_all@c12"), after what is used instead of
      # it. Raises Refusal when unknown.
      def fetch(key)
        product, colour = key.split(BETWEEN, 2)
        used = @swaps.fetch(product, product)
        row = @rows.fetch(used) do
          raise Refusal.new(:not_a_product, field: :product, given: used)
        end
        coloured(row, colour)
      end

      # The row of a product in a colour; a mix has its own, and what comes in no colours has none. colour: key or nil.
      def coloured(row, colour)
        return row if colour.nil? || !colours?(row)

        said = colours.fetch(colour)
        row.merge(key: [row[:key], said.key].join(BETWEEN), product: row[:key], label: "#{row[:label]}, #{said}",
                  colour: said)
      end

      # Whether a product comes in colours; a mix has its own.
      def colours?(row) = row[:mix].nil? && COLOURED.include?(row[:kind])

      # The standard one of a kind: swapped or not.
      def standard(kind) = fetch(STANDARD.fetch(kind) { @rows.values.find { |row| row[:kind] == kind }[:key] })

      # Amounts with mixes as what they are made of. amounts: {product key => amount}; parts without a product (water)
      # are left out.
      def apart(amounts)
        amounts.each_with_object(Hash.new(0)) do |(key, amount), sums|
          shares = fetch(key)[:mix]
          next sums[key] += amount unless shares

          places = amount < 10 ? 2 : 0
          shares.each { |part, share| sums[part] += (amount * share).ceil(places) }
        end
      end

      # Keys of what serves as a material: the product or one of the workshop's own like it, in its colour. Where the
      # plan leaves the colour open, any on the shelf serves; what a look says the colour of waits for it. A mix serves
      # as nothing but itself.
      # row: of a product or material; shelf: keys of materials that are there.
      def serving(row, shelf)
        plain = row[:product] || row[:key]
        served = [plain, *@own.select { |one| one[:like] == plain && one[:mix].nil? }.map { |one| one[:key] }]
        return served.map { |key| [key, row[:colour].key].join(BETWEEN) } if row[:colour]
        return served if BY_LOOK.include?(row[:kind]) || !COLOURED.include?(row[:kind])

        served | shelf.select { |key| served.include?(Products.product(key)) }
      end

      def of_kind(kind) = @rows.values.select { |row| row[:kind] == kind }
      def all = @rows.values

      protected

      # All that its answers depend on.
      def identity = [@own, @colours.said, @currency&.code, @swaps, @unit]

      private

      # A product of the workshop's own: what its label says, else what is usual of its like; its cautions by its own
      # base and name. What its like carries only for a base that this one has not, it does not carry.
      def own(row)
        like = GENERIC.fetch(row[:like])
        made = @rows.fetch(row[:like]).merge(row.compact)
        carried = row[:base] && row[:base] != like[:base] ? (like[:cautions] || []).map(&:to_s) - ProductCautions::BY_SOLVENT : like[:cautions]
        made.merge(cautions: ProductCautions.of(made.merge(cautions: carried)))
      end

      # [amount, price in minor units or nil]
      def priced(packs, kept)
        packs = packs.map { |amount, price| local(amount, price, kept) }.uniq(&:first) if Units::Measures.us?(@unit)
        packs.map { |amount, price| [amount, price && @currency&.much_alike? ? (price * @currency.unit).round : nil] }
      end

      # The container of a US size that comes nearest, at the price of as much.
      def local(amount, price, kept)
        sizes = US_SIZES[kept] or return [amount, price]
        size = sizes.min_by { |one| (Math.log(one) - Math.log(amount)).abs }
        [size, price && (price * size / amount).round]
      end
    end
  end
end
