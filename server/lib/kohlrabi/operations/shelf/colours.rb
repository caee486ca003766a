# frozen_string_literal: true

module Operations
  module Shelf
    # The workshop's own colours. Looks, tins and mixes refer to them by key.
    module Colours
      extend Support::Refusing

      extend self

      # Core::Shelf::Colours for the workshop.
      def core
        Support::Context.once(:colours) do
          own, gone = [true, false].map do |there|
            Enumerator.new { |all| rows.each { |row| all << of(row) if row.deletion_id.nil? == there } }
          end
          Core::Shelf::Colours.new(own, gone: gone)
        end
      end

      # given: {"name", "hex", "note"?}. Returns the record.
      def create(given)
        Records::Base.transaction do
          values = read(given, new: true)
          core.unused!(values[:name])
          keep(Records::Colour.new, values)
        end
      end

      # The name and the swatch may change: what has the colour keeps it.
      def update(id, given)
        Records::Base.transaction do
          row = Support::Finder.find(Records::Colour, id)
          values = read(given)
          core.unused!(values[:name], but: key(row)) if values[:name]
          keep(row, values)
        end
      end

      def remove(id)
        row = Support::Finder.find(Records::Colour, id)
        where = in_use(key(row))
        refuse(:colour_in_use, name: row.name.upcase_first, where: where) if where
        Support::Removal.of([row], what: "Colour “#{row.name}” removed").tap { Products.forget }
      end

      def key(row) = "c#{row.id}"

      # Key of what was typed or picked; for a reading.
      def parse(raw) = core.key(raw)

      # Where a swatch alone is kept, the swatch of what was typed or picked.
      def hex(raw) = core.hex(core.key(raw))

      private

      def rows = Records::Colour.order(:id)

      def of(row) = Core::Shelf::Colour.new(key: key(row), name: row.name, hex: row.hex, note: row.note, own: true)

      def keep(row, values)
        row.update!(values)
        Products.forget
        row
      end

      def read(given, new: false)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:name, max: 40, required: new || params.sent?(:name))
        params.with(:hex, required: new || params.sent?(:hex)) { |raw| hex(raw) }
        params.text(:note, max: 200)
        params.done!
      end

      # What has the colour now, in words, or nil.
      def in_use(key)
        zone = Records::LookZone.joins(look: :piece).where(looks: { deletion_id: nil }, pieces: { deletion_id: nil })
                                .where("look_zones.colour = :key OR look_zones.undercolour = :key", key: key).first
        return "a zone of #{zone.look.piece.name}" if zone

        tin = Records::Container.live.where("product LIKE ?", "%#{Core::Shelf::Products::BETWEEN}#{key}").first
        return "#{Products.core.fetch(Core::Shelf::Products.product(tin.product))[:label]} on the shelf" if tin

        mix = Mixes.all.find { |one| Mixes.products(Mixes.latest(one)).keys.any? { |part| Core::Shelf::Products.colour(part) == key } }
        "a part of the mix #{mix.product.label}" if mix
      end
    end
  end
end
