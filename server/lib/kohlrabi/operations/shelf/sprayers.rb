# frozen_string_literal: true

module Operations
  module Shelf
    # How the sprayer was set for a product: nozzle, setting, thinning and drain time of the cup; recalled where the
    # product is sprayed.
    module Sprayers
      LONGEST = 600 # seconds of a cup

      extend self

      def all = Records::SpraySetting.order(:id)

      # {product key => setting}.
      def by_product = all.index_by(&:product)

      # given: {"product", "nozzle"?, "setting"?, "thinning"? in percent of the paint, "cup_seconds"?}; all empty
      # forgets it. Returns the record.
      def set(given)
        Records::Base.transaction do
          product = Containers.product(given["product"])
          row = Records::SpraySetting.find_or_initialize_by(product: product[:product] || product[:key])
          row.assign_attributes(read(given, product))
          %i[nozzle setting thinning cup_seconds].all? { |name| row[name].nil? } ? row.destroy! : row.save!
          row
        end
      end

      # "nozzle 1.3 mm, setting 4, thinned 10%, cup 25 s".
      def text(row)
        [("nozzle #{row.nozzle}" if row.nozzle), ("setting #{row.setting}" if row.setting), ("thinned #{number(row.thinning)}%" if row.thinning),
         ("cup #{number(row.cup_seconds)} s" if row.cup_seconds)].compact.join(", ")
      end

      def number(value) = Core::Units::Numerals.plain(value.to_r, (value % 1).zero? ? 0 : 1)

      private

      def read(given, product)
        params = Support::Params.new(given, Support::Workshop.current)
        params.text(:nozzle, max: 40)
        params.text(:setting, max: 40)
        params.with(:thinning) { |raw| thinning(raw, product) }
        params.with(:cup_seconds) { |raw| within(raw, 0..LONGEST, :cup_seconds_out_of_range) }
        params.done!
      end

      def thinning(raw, product)
        Core::Shelf::Products.thinned!(product, within(raw.delete_suffix("%").strip, 0..100, :thinning_out_of_range))
      end

      def within(raw, range, code)
        value = Core::Units::Numerals.parse(raw).to_f
        return value if range.cover?(value)

        raise Core::Refusal.new(code, given: raw)
      end
    end
  end
end
