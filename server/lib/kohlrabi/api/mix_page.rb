# frozen_string_literal: true

module Kohlrabi
  module Api
    # Mixes with their versions, batches and what was painted with them, as the contract says them.
    class MixPage
      # say: Say.
      def initialize(say)
        @say = say
      end

      def list
        { mixes: Desk::Mixes.all.map { |mix| short(mix) },
          presets: Desk::Mixes::PRESETS.map { |row| preset(row) },
          parts: Desk::Products.core.all.select(&Desk::Mixes::PARTS).map { |row| row.slice(:key, :label) } }
      end

      def mix(mix)
        batches = Desk::Batches.of(mix)
        { **short(mix), target: mix.target.to_s, versions: mix.versions.reverse.map { |version| version(version) },
                        batches: batches.map { |batch| batch(batch, mix) }, uses: Desk::MixUses.of_mix(mix).map { |use| use(use) } }
      end

      # What an amount of it takes. whole: ml, Rational; for a piece what its plan needs.
      def amounts(mix, whole)
        version = Desk::Mixes.latest(mix)
        left = Desk::Shelf.left
        parts = Desk::Batches.amounts(version, whole).map do |key, ml|
          product = Desk::Mixes.products(version)[key]
          there = product && Desk::Draws.keys(Desk::Shelf.product(product)).sum { |one| left.fetch(one, 0) }
          { label: label(version, key), amount: ml(ml), there: there && ml(there), enough: there.nil? || there >= ml }
        end
        { whole: ml(whole), stands: ml(left.fetch(Desk::Mixes.key(mix), 0)), parts: parts }
      end

      # What of mixes is on a piece, for a touch-up.
      def of_piece(piece) = { mixes: Desk::MixUses.of_piece(piece).map { |use| { mix: short(use.mix), **use(use), stands: stands(use.mix) } } }

      private

      def short(mix)
        batches = Desk::Batches.of(mix)
        { id: mix.id, name: mix.product.label, product: Desk::Mixes.key(mix), like: Core::Shelf::Products::GENERIC.fetch(mix.product.generic)[:label],
          swatch: mix.swatch, version: Desk::Mixes.latest(mix).number, text: Desk::Mixes.core(Desk::Mixes.latest(mix)).text,
          parts: parts(Desk::Mixes.latest(mix)), left: ml(batches.sum { |batch| Desk::Shelf.core(batch).left }) }
      end

      def preset(row)
        generic = Core::Shelf::Products::GENERIC
        parts = row[:parts].map do |product, label, parts|
          { product: product, label: label || generic.fetch(product)[:label], parts: parts.to_s }
        end
        { key: row[:key], label: row[:label], like: row[:like], why: row[:why], parts: parts }
      end

      def version(version)
        { id: version.id, number: version.number, text: Desk::Mixes.core(version).text, note: version.note,
          made_on: @say.day(@say.workshop.date_of(version.created_at)), parts: parts(version) }
      end

      def parts(version)
        mix = Desk::Mixes.core(version)
        mix.parts.map do |part|
          { product: Desk::Mixes.products(version)[part.key], label: part.label, parts: typed(part.parts.to_r),
            percent: "#{Core::Units::Numerals.text(mix.shares.fetch(part.key) * 100, 1)}%" }
        end
      end

      def batch(batch, mix)
        core = Desk::Shelf.core(batch)
        log = Desk::Batches.log(batch)
        { id: batch.id, version: batch.mix_version&.number, made: ml(core.volume), left: ml(core.left),
          percent: (core.left * 100 / core.volume).round, empty: core.empty?, worth: @say.money(core.worth), made_on: @say.day(batch.bought_on),
          place: batch.place.to_s, keeps_until: @say.day(batch.keeps_until), trips: log ? log.trips : 0,
          log: log ? log.lines.map { |line| line(line) } : [], **correction(batch, core, mix) }
      end

      # What would make a batch of an older version the latest one.
      def correction(batch, core, mix)
        latest = Desk::Mixes.latest(mix)
        return { corrects: nil, cannot: nil } if core.empty? || batch.mix_version.nil? || batch.mix_version_id == latest.id

        adds = Desk::Batches.correction(batch, latest)
        { corrects: { whole: ml(adds.whole), adds: adds.adds.map { |key, amount| { label: label(latest, key), amount: ml(amount) } } }, cannot: nil }
      rescue Desk::Refused => e
        { corrects: nil, cannot: e.message }
      end

      def line(line)
        { label: line.entry.label, amount: ml(line.entry.amount), percent: percent(line.percent), all: percent(line.all), said: line.entry.said,
          trip: line.entry.trip, on: @say.day(line.entry.on) }
      end

      def use(use)
        repeats = Core::Planning::Repeats
        zones = use.plan ? Core::Planning::ZoneWords.list(use.zones.map { |key| repeats.base(key) }.uniq, repeats.single(use.plan.brief.zones)) : ""
        { piece: { id: use.piece.id, ticket: use.piece.ticket_text, name: use.piece.name }, zones: zones,
          needed: use.needed.zero? ? nil : ml(use.needed),
          coats: use.coats.map { |coat| { version: coat.version, step: coat.step, on: @say.day(coat.on), amount: ml(coat.amount) } } }
      end

      # Where some of it still stands, the latest first.
      def stands(mix)
        Desk::Batches.of(mix).reject { |batch| Desk::Shelf.core(batch).empty? }.map do |batch|
          { place: batch.place.to_s, left: ml(Desk::Shelf.core(batch).left), version: batch.mix_version&.number, made_on: @say.day(batch.bought_on) }
        end
      end

      def label(version, key) = Desk::Mixes.core(version).parts.find { |part| part.key == key }.label
      def percent(number) = "#{Core::Units::Numerals.text(number, 1)}%"
      def typed(number) = number.denominator == 1 ? number.to_i.to_s : Core::Units::Numerals.plain(number, 2)

      # One mixes by the tenth of a millilitre where it is little.
      def ml(amount)
        amount = amount.to_r
        return Core::Shelf::Amount.text(amount.round, { unit: "ml" }) if amount >= 100 || amount.round(1) == amount.round

        "#{Core::Units::Numerals.text(amount, 1)} ml"
      end
    end
  end
end
