# frozen_string_literal: true

module Kohlrabi
  module Api
    module Serializers
      module Shelf
        # Mixes with their versions, batches and what was painted with them, as the contract says them.
        class MixPage
          # say: Say.
          def initialize(say)
            @say = say
          end

          def list
            { mixes: Operations::Shelf::Mixes.all.map { |mix| short(mix) },
              presets: Operations::Shelf::Mixes::PRESETS.map { |row| preset(row) },
              parts: Operations::Shelf::Products.core.all.select(&Operations::Shelf::Mixes::PARTS).map { |row| row.slice(:key, :label) } }
          end

          def mix(mix)
            batches = Operations::Shelf::Batches.of(mix)
            { **short(mix), target: mix.target.to_s, versions: mix.versions.reverse.map { |version| version(version) },
                            batches: batches.map { |batch| batch(batch, mix) }, uses: Operations::Shelf::MixUses.of_mix(mix).map { |use| use(use) } }
          end

          # What an amount of it takes. whole: ml, Rational; for a piece what its plan needs.
          def amounts(mix, whole)
            version = Operations::Shelf::Mixes.latest(mix)
            left = Operations::Shelf::Containers.left
            parts = Operations::Shelf::Batches.amounts(version, whole).map do |key, ml|
              product = Operations::Shelf::Mixes.products(version)[key]
              there = product && Operations::Shelf::Draws.keys(Operations::Shelf::Containers.product(product)).sum { |one| left.fetch(one, 0) }
              { label: label(version, key), amount: ml(ml), there: there && ml(there), enough: there.nil? || there >= ml }
            end
            { whole: ml(whole), stands: ml(left.fetch(Operations::Shelf::Mixes.key(mix), 0)), parts: parts }
          end

          # What of mixes is on a piece, for a touch-up.
          def of_piece(piece)
            { mixes: Operations::Shelf::MixUses.of_piece(piece).map { |use| { mix: short(use.mix), **use(use, piece), stands: stands(use.mix) } },
              colours: Operations::Shelf::ColourUses.of_piece(piece).map { |use| colour(use) } }
          end

          private

          def short(mix)
            batches = Operations::Shelf::Batches.of(mix)
            { id: mix.id, name: mix.product.label, product: Operations::Shelf::Mixes.key(mix), like: Core::Shelf::Products::GENERIC.fetch(mix.product.generic)[:label],
              swatch: mix.swatch, version: Operations::Shelf::Mixes.latest(mix).number, text: Operations::Shelf::Mixes.core(Operations::Shelf::Mixes.latest(mix)).text,
              parts: parts(Operations::Shelf::Mixes.latest(mix)), left: ml(batches.sum { |batch| Operations::Shelf::Containers.core(batch).left }) }
          end

          def preset(row)
            generic = Core::Shelf::Products::GENERIC
            parts = row[:parts].map do |product, label, parts|
              { product: product, colour: "", label: label || generic.fetch(product)[:label], parts: parts.to_s }
            end
            { key: row[:key], label: row[:label], like: row[:like], why: row[:why], parts: parts }
          end

          def version(version)
            { id: version.id, number: version.number, text: Operations::Shelf::Mixes.core(version).text, note: version.note,
              made_on: @say.day(@say.workshop.date_of(version.created_at)), parts: parts(version) }
          end

          def parts(version)
            mix = Operations::Shelf::Mixes.core(version)
            mix.parts.map do |part|
              { product: Operations::Shelf::Mixes.products(version)[part.key]&.then { |key| Core::Shelf::Products.product(key) },
                colour: Core::Shelf::Products.colour(part.key).to_s, label: part.label, parts: typed(part.parts.to_r),
                percent: "#{Core::Units::Numerals.text(mix.shares.fetch(part.key) * 100, 1)}%" }
            end
          end

          def batch(batch, mix)
            core = Operations::Shelf::Containers.core(batch)
            log = Operations::Shelf::Batches.log(batch)
            { id: batch.id, version: batch.mix_version&.number, made: ml(core.volume), left: ml(core.left),
              percent: (core.left * 100 / core.volume).round, empty: core.empty?, worth: @say.money(core.worth), made_on: @say.day(batch.bought_on),
              place: batch.place.to_s, keeps_until: @say.day(batch.keeps_until), trips: log ? log.trips : 0,
              log: log ? log.lines.map { |line| line(line) } : [], **correction(batch, core, mix) }
          end

          # What would make a batch of an older version the latest one.
          def correction(batch, core, mix)
            latest = Operations::Shelf::Mixes.latest(mix)
            return { corrects: nil, cannot: nil } if core.empty? || batch.mix_version.nil? || batch.mix_version_id == latest.id

            adds = Operations::Shelf::Batches.correction(batch, latest)
            { corrects: { whole: ml(adds.whole), adds: adds.adds.map do |key, amount|
              { label: label(latest, key), amount: ml(amount) }
            end }, cannot: nil }
          rescue Operations::Support::Refused => e
            { corrects: nil, cannot: e.message }
          end

          def line(line)
            { label: line.entry.label, amount: ml(line.entry.amount), percent: percent(line.percent), all: percent(line.all), said: line.entry.said,
              trip: line.entry.trip, on: @say.day(line.entry.on) }
          end

          def use(use, piece = use.piece)
            coats = use.coats.map { |coat| { version: coat.version, step: coat.step, on: @say.day(coat.on), amount: ml(coat.amount) } }
            { piece: { id: piece.id, ticket: piece.ticket_text, name: piece.name }, zones: zones(use),
              needed: use.needed.zero? ? nil : ml(use.needed), coats: coats }
          end

          def zones(use)
            return "" unless use.plan

            repeats = Core::Planning::Repeats
            Core::Planning::ZoneWords.list(use.zones.map { |key| repeats.base(key) }.uniq, repeats.single(use.plan.brief.zones))
          end

          # A colour out of a tin on a piece.
          def colour(use)
            amount = ->(number) { use.row[:unit] == "ml" ? ml(number) : @say.amount(number, use.row) }
            { label: use.row[:label], swatch: use.row[:colour].hex, zones: zones(use), needed: use.needed.zero? ? nil : amount.call(use.needed),
              coats: use.coats.map { |coat| { step: coat.step, on: @say.day(coat.on), amount: amount.call(coat.amount) } },
              stands: use.tins.map { |tin| { place: tin.place.to_s, left: amount.call(Operations::Shelf::Containers.core(tin).left) } } }
          end

          # Where some of it still stands, the latest first.
          def stands(mix)
            Operations::Shelf::Batches.of(mix).reject { |batch| Operations::Shelf::Containers.core(batch).empty? }.map do |batch|
              { place: batch.place.to_s, left: ml(Operations::Shelf::Containers.core(batch).left), version: batch.mix_version&.number, made_on: @say.day(batch.bought_on) }
            end
          end

          def label(version, key) = Operations::Shelf::Mixes.core(version).parts.find { |part| part.key == key }.label
          def percent(number) = "#{Core::Units::Numerals.text(number, 1)}%"
          def typed(number) = number.denominator == 1 ? number.to_i.to_s : Core::Units::Numerals.plain(number, 2)

          # One mixes by the tenth of a millilitre where it is little.
          def ml(amount)
            amount = amount.to_r
            return Core::Units::Measures.volume(amount, unit: "in") if @say.workshop.length_unit == "in"
            if amount >= 100 || amount.round(1) == amount.round
              return Core::Shelf::Amount.text(amount.round, { unit: "ml" },
                                              unit: @say.workshop.length_unit)
            end

            "#{Core::Units::Numerals.text(amount, 1)} ml"
          end
        end
      end
    end
  end
end
