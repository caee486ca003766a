# frozen_string_literal: true

module Operations
  module Shelf
    # Mixes of the workshop's own: products made of parts by volume, with versions.
    module Mixes
      PRESETS = Core.table("shelf/mixes").freeze
      # Fields of its product => as they are named of a mix.
      FIELDS = { label: :name, generic: :like }.freeze
      # What a part can be: anything reckoned by volume.
      PARTS = ->(row) { row[:unit] == "ml" && row[:mix].nil? }

      extend Support::Refusing

      extend self

      def all
        mixes = Records::Base.preload_all(Records::Mix.live.order(:id), %i[product versions])
        mixes.sort_by { |mix| mix.product.label.downcase }
      end

      # A mix with its product and versions. Raises NotFound.
      def find(id) = Records::Base.preload_all([Support::Finder.find(Records::Mix, id)], %i[product versions]).first

      # given: {"name", "like" (a generic product), "parts", "swatch"?, "target"?, "note"?}. Returns the mix.
      def create(given)
        Records::Base.transaction do
          parts = parts(given["parts"])
          product = Products.create("label" => given["name"], "generic" => given["like"])
          keep(Records::Mix.create!(product: product, **read(given)), parts, note(given)).mix.reload
        end
      rescue Support::Refused => e
        raise Support::Refused, (e.refusals.map { |one| one.at(FIELDS.fetch(one.field, one.field)) })
      end

      # given: {"name"?, "swatch"?, "target"?}.
      def update(id, given)
        Records::Base.transaction do
          mix = Support::Finder.find(Records::Mix, id)
          Products.update(mix.product_id, "label" => given["name"]) if given.key?("name")
          mix.update!(read(given))
          mix.reload
        end
      end

      # New parts. given: {"parts": [{"product"? | "label"?, "parts"}], "note"?}. Returns the version.
      def version(id, given)
        keep(Support::Finder.find(Records::Mix, id), parts(given["parts"]), note(given))
      end

      def remove(id)
        mix = Support::Finder.find(Records::Mix, id)
        Products.remove(mix.product_id)
      end

      def key(mix) = Products.key(mix.product)

      # The version in use.
      def latest(mix) = mix.versions.last

      # Core::Shelf::Mix of a version.
      def core(version)
        parts = JSON.parse(version.parts).map do |product, label, parts|
          Core::Shelf::Mix::Part.new(key: product || label, label: label, parts: parts.to_r)
        end
        Core::Shelf::Mix.new(parts)
      end

      # What a part of a version is called.
      def label(version, key) = core(version).parts.find { |part| part.key == key }.label

      # {part's key => product key} of those parts that are on a shelf at all.
      def products(version)
        JSON.parse(version.parts).filter_map { |product, _, _| [product, product] if product }.to_h
      end

      # {product id => {product key => share}} of all mixes by their latest version.
      def shares
        versions = Records::MixVersion.live.order(:number).group_by(&:mix_id)
        Records::Mix.live.order(:id).to_h do |mix|
          version = versions.fetch(mix.id).last
          [mix.product_id, core(version).shares.slice(*products(version).keys)]
        end
      end

      # The mix that a product is a part of, or nil.
      def made_of(key)
        Records::Mix.live.eager_load(:product, :versions).find { |mix| products(latest(mix)).key?(key) }
      end

      # Writes a version down. mix: of Records; parts: Array of [product key or nil, label, Rational].
      def keep(mix, parts, note)
        Core::Shelf::Mix.new(parts.map do |key, label, number|
          Core::Shelf::Mix::Part.new(key: key || label, label: label, parts: number)
        end)
        body = parts.map { |key, label, number| [key, label, number.to_s] }.to_json
        version = mix.versions.create!(number: mix.versions.maximum(:number).to_i + 1, parts: body, note: note)
        Products.forget
        Planning::Plans.refresh_all(product: key(mix))
        version
      rescue Core::Refusal => e
        raise Support::Refused, [e]
      end

      # A part as it was named: a product of the shelf, or anything else by its name. Returns [product key or nil,
      # label].
      def part(given)
        return named(given) if given["product"].to_s.empty?

        product = Containers.material(given)
        return [product[:key], product[:label]] if PARTS.call(product)

        refuse(product[:mix] ? :mix_in_a_mix : :part_without_volume, field: :product, product: product[:label])
      end

      private

      def named(given)
        label = given["label"].to_s.strip
        refuse(:part_has_no_name, field: :parts) if label.empty?
        refuse(:longer_than_60_characters, field: :parts, given: label) if label.size > 60
        [nil, label]
      end

      def parts(given)
        Array(given).map { |row| [*part(row), number(row["parts"])] }
      end

      def note(given)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:note, max: 200)
        params.done![:note]
      end

      def number(raw)
        Core::Units::Quantity.ratio(raw)
      rescue Core::Refusal => e
        raise Support::Refused, [e.at(:parts)]
      end

      def read(given)
        params = Support::Params.new(given, Support::Workshop.current)
        params.with(:swatch) { |raw| Colours.hex(raw) }
        params.text(:target, max: 120)
        params.done!
      end
    end
  end
end
