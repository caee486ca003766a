# frozen_string_literal: true

module Api
  module Serializers
    module Shelf
      # How amounts, parts and zones of mixes are said; for pages that have a Say.
      module MixWords
        private

        # ml of a mix: one mixes by the tenth of a millilitre where it is little.
        def mixed(amount)
          amount = amount.to_r
          return Core::Units::Measures.volume(amount, unit: "in") if @formatter.workshop.length_unit == "in"
          return "#{Core::Units::Numerals.text(amount, 1)} ml" if amount < 100 && amount.round(1) != amount.round

          Core::Shelf::Amount.text(amount.round, { unit: "ml" }, unit: @formatter.workshop.length_unit)
        end

        # Parts of a version of a mix, with their percentage.
        def mix_parts(version)
          mix = Operations::Shelf::Mixes.core(version)
          mix.parts.map do |part|
            parts = part.parts.to_r
            { product: Operations::Shelf::Mixes.products(version)[part.key]&.then do |key|
              Core::Shelf::Products.product(key)
            end,
              colour: Core::Shelf::Products.colour(part.key).to_s, label: part.label,
              parts: parts.denominator == 1 ? parts.to_i.to_s : Core::Units::Numerals.plain(parts, 2),
              percent: "#{Core::Units::Numerals.text(mix.shares.fetch(part.key) * 100, 1)}%" }
          end
        end

        # Zones that a mix or a colour is used on, in words; use: with plan and zones.
        def zones_of(use)
          return "" unless use.plan

          repeats = Core::Planning::Repeats
          Core::Planning::ZoneWords.list(use.zones.map do |key|
            repeats.base(key)
          end.uniq, repeats.single(use.plan.brief.zones))
        end
      end

      # A mix as it is listed: its parts by the version in use, and how much of it stands.
      class MixShort < Support::Page
        include MixWords

        attributes :id, :swatch
        attribute(:name) { |mix| mix.product.label }
        attribute(:product) { |mix| Operations::Shelf::Mixes.key(mix) }
        attribute(:like) { |mix| Core::Shelf::Products::GENERIC.fetch(mix.product.generic)[:label] }
        attribute(:version) { latest.number }
        attribute(:text) { Operations::Shelf::Mixes.core(latest).text }
        attribute(:parts) { mix_parts(latest) }
        attribute(:left) { mixed(batches.sum { |batch| Operations::Shelf::Containers.core(batch).left }) }

        private

        def latest = @latest ||= Operations::Shelf::Mixes.latest(object)
        def batches = @batches ||= Operations::Shelf::Batches.of(object)
      end

      # A mix with its versions, batches and what was painted with it.
      class Mix < MixShort
        attribute(:target) { |mix| mix.target.to_s }
        attribute(:versions) { |mix| mix.versions.reverse.map { |version| version(version) } }
        attribute(:batches) { batches.map { |batch| MixBatch.new(batch, object, @formatter).to_h } }
        attribute(:uses) { |mix| Operations::Shelf::MixUses.of_mix(mix).map { |use| MixUse.new(use, @formatter).to_h } }

        private

        def version(version)
          { id: version.id, number: version.number, text: Operations::Shelf::Mixes.core(version).text, note: version.note,
            made_on: @formatter.day(@formatter.workshop.date_of(version.created_at)), parts: mix_parts(version) }
        end
      end

      # What an amount of a mix takes, and whether it is there.
      class MixAmounts < Support::Page
        include MixWords

        attribute(:whole) { mixed(@whole) }
        attribute(:stands) { |mix| mixed(@left.fetch(Operations::Shelf::Mixes.key(mix), 0)) }
        attribute(:parts) { Operations::Shelf::Batches.amounts(@version, @whole).map { |key, ml| part(key, ml) } }

        # mix: Records::Mix; whole: ml, Rational; for a piece what its plan needs.
        def initialize(mix, whole, formatter)
          super(mix, formatter)
          @whole = whole
          @version = Operations::Shelf::Mixes.latest(mix)
          @left = Operations::Shelf::Containers.left
        end

        private

        def part(key, ml)
          product = Operations::Shelf::Mixes.products(@version)[key]
          keys = product && Operations::Shelf::Draws.keys(Operations::Shelf::Containers.product(product))
          there = keys&.sum { |one| @left.fetch(one, 0) }
          { label: Operations::Shelf::Mixes.label(@version, key), amount: mixed(ml), there: there && mixed(there),
            enough: there.nil? || there >= ml }
        end
      end

      # What was mixed and stands on the shelf, with what was added to match a colour.
      class MixBatch < Support::Page
        include MixWords

        attributes :id
        said :day, :keeps_until
        said :day, :made_on, from: :bought_on
        attribute(:version) { |batch| batch.mix_version&.number }
        attribute(:made) { mixed(@core.volume) }
        attribute(:left) { mixed(@core.left) }
        attribute(:percent) { (@core.left * 100 / @core.volume).round }
        attribute(:empty) { @core.empty? }
        attribute(:worth) { @formatter.money(@core.worth) }
        attribute(:place) { |batch| batch.place.to_s }
        attribute(:trips) { @log ? @log.trips : 0 }
        attribute(:log) { @log ? @log.lines.map { |line| line(line) } : [] }
        attribute(:corrects) { correction.first }
        attribute(:cannot) { correction.last }

        # batch: Records::Container; mix: Records::Mix.
        def initialize(batch, mix, formatter)
          super(batch, formatter)
          @latest = Operations::Shelf::Mixes.latest(mix)
          @core = Operations::Shelf::Containers.core(batch)
          @log = Operations::Shelf::Batches.log(batch)
        end

        private

        # What would make a batch of an older version the latest one, or why nothing can.
        def correction
          @correction ||= begin
            old = !@core.empty? && object.mix_version && object.mix_version_id != @latest.id
            [old ? corrected(Operations::Shelf::Batches.correction(object, @latest)) : nil, nil]
          rescue Operations::Support::Refused => e
            [nil, e.message]
          end
        end

        def corrected(found)
          { whole: mixed(found.whole),
            adds: found.adds.map { |key, amount| { label: Operations::Shelf::Mixes.label(@latest, key), amount: mixed(amount) } } }
        end

        def line(line)
          entry = line.entry
          { label: entry.label, amount: mixed(entry.amount), percent: percent(line.percent), all: percent(line.all), said: entry.said,
            trip: entry.trip, on: @formatter.day(entry.on) }
        end

        def percent(number) = "#{Core::Units::Numerals.text(number, 1)}%"
      end

      # What of a mix is on a piece, by zones and coats (Operations::Shelf::MixUses::Use).
      class MixUse < Support::Page
        include MixWords

        attribute(:piece) { |use| Bench::BenchWords.link(use.piece) }
        attribute(:zones) { |use| zones_of(use) }
        attribute(:needed) { |use| use.needed.zero? ? nil : mixed(use.needed) }
        attribute(:coats) do |use|
          use.coats.map do |coat|
            { version: coat.version, step: coat.step, on: @formatter.day(coat.on), amount: mixed(coat.amount) }
          end
        end
      end

      # All mixes, those to begin from, and what a part can be.
      class MixesPage < Support::Page
        attribute(:mixes) { Operations::Shelf::Mixes.all.map { |mix| MixShort.new(mix, @formatter).to_h } }
        attribute(:presets) { Operations::Shelf::Mixes::PRESETS.map { |row| preset(row) } }
        attribute(:parts) { Operations::Shelf::Products.core.all.select(&Operations::Shelf::Mixes::PARTS).map { |row| row.slice(:key, :label) } }

        def initialize(formatter)
          super(nil, formatter)
        end

        private

        def preset(row)
          generic = Core::Shelf::Products::GENERIC
          parts = row[:parts].map do |product, label, parts|
            { product: product, colour: "", label: label || generic.fetch(product)[:label], parts: parts.to_s }
          end
          { key: row[:key], label: row[:label], like: row[:like], why: row[:why], parts: parts }
        end
      end

      # Mixes and colours that are on a piece, for a touch-up.
      class PieceMixes < Support::Page
        include MixWords

        attribute(:mixes) { |piece| Operations::Shelf::MixUses.of_piece(piece).map { |use| mix(use) } }
        attribute(:colours) { |piece| Operations::Shelf::ColourUses.of_piece(piece).map { |use| colour(use) } }

        private

        def mix(use)
          { mix: MixShort.new(use.mix, @formatter).to_h, **MixUse.new(use, @formatter).to_h.symbolize_keys,
            stands: stands(use.mix) }
        end

        # Where some of it still stands, the latest first.
        def stands(mix)
          batches = Operations::Shelf::Batches.of(mix).reject { |batch| Operations::Shelf::Containers.core(batch).empty? }
          batches.map do |batch|
            { place: batch.place.to_s, left: mixed(Operations::Shelf::Containers.core(batch).left), version: batch.mix_version&.number,
              made_on: @formatter.day(batch.bought_on) }
          end
        end

        # A colour out of a tin on the piece.
        def colour(use)
          amount = ->(number) { use.row[:unit] == "ml" ? mixed(number) : @formatter.amount(number, use.row) }
          { label: use.row[:label], swatch: use.row[:colour].hex, zones: zones_of(use),
            needed: use.needed.zero? ? nil : amount.call(use.needed),
            coats: use.coats.map do |coat|
              { step: coat.step, on: @formatter.day(coat.on), amount: amount.call(coat.amount) }
            end,
            stands: use.tins.map { |tin| { place: tin.place.to_s, left: amount.call(Operations::Shelf::Containers.core(tin).left) } } }
        end
      end
    end
  end
end
