# frozen_string_literal: true

module Operations
  module Market
    # Own listings as the paths they took, and prices seen of others, read for the core's fit: the latest few
    # hundred, a set as one listing.
    class OwnListings
      MODEL = Core::Market::Model
      # One listed piece as it was read.
      Row = Struct.new(:id, :kind, :units, :maker, :listed, :ended, :stage, :got, :condition, :finish) do
        def sold? = stage == "sold"
      end

      # today: Date as of which it is.
      def initialize(today)
        @today = today
        @workshop = Support::Workshop.current
        @currency = @workshop.money
        read(Record.of(today))
      end

      # What tells this evidence from another: all that was read, the day, and how fast listings fade.
      def fingerprint
        seen = @seen.values.flatten(1).map do |row|
          [row.piece_id, row.kind_key, row.price_minor, row.sold, row.likeness, row.seen_on]
        end
        Digest::SHA256.hexdigest(Marshal.dump([MODEL::FitJson::VERSION, @found, seen, @today, @workshop.half_life_days,
                                               @currency.code]))
      end

      def evidence = MODEL::Evidence.new(stays, sights + sales, level_known: @currency.much_alike?)
      def size = @rows.size + @unlisted.size
      def got = @got ||= MODEL::SaleToAsk.of(@rows.select(&:sold?).map { |row| [row.got, last_ask(row)] })

      # Core::Market::Model::ListingPath of a piece that is for sale; nil where it is not known.
      def stay_of(piece_id)
        (row = @rows.find { |one| one.id == piece_id }) && stay([row], row.listed, row.ended || @today)
      end

      private

      def read(record)
        @found = %i[listed unlisted asks sets returns].to_h { |name| [name, record[name]] }
        @rows, @unlisted = record.values_at(:listed, :unlisted).map { |rows| rows.map { |row| dated(Row.new(*row)) } }
        @asks = record[:asks].group_by(&:first).transform_values { |rows| rows.map { |_, on, minor| [day(on), minor] } }
        @sets = record[:sets].to_h
        @returns = record[:returns].group_by(&:first)
        @seen = record[:seen].select { |row| row.seen_on <= @today }.group_by(&:piece_id)
      end

      def day(text) = text && Date.iso8601(text)

      def dated(row)
        row.listed = day(row.listed)
        row.ended = day(row.ended)
        row
      end

      def last_ask(row) = @asks.fetch(row.id, []).last&.last

      def stays
        @rows.group_by { |row| @sets.fetch(row.id) { "alone #{row.id}" } }.values.flat_map do |rows|
          first = rows.first
          back = rows.size == 1 ? @returns.fetch(first.id, []) : []
          from = [first.listed, *back.map { |row| day(row.last) }].compact.max
          [*back.map { |_, listed, sold, _| stay(rows, day(listed), day(sold), sold: true) },
           stay(rows, from, first.ended || @today, sold: first.sold?, got: rows.map(&:got).then do |all|
             all.sum if all.all?
           end)]
        end.compact
      end

      # Of one piece, or of several that went as one: the sum of what was asked and of what they are usually worth.
      def stay(rows, from, to, sold: false, got: nil)
        return unless from && to && to >= from

        last = [to, @today].min
        traits = rows.map { |row| traits(row, together: rows.size > 1) }
        bases = traits.map { |one| TraitsOfValue.base(one, @currency) }
        whole = Math.log(bases.sum { |base| Math.exp(base) })
        shares = bases.map { |base| Math.exp(base - whole) }
        MODEL::ListingPath.new(kind: TraitsOfValue::KINDS.key(rows.first.kind).to_s, base: whole, features: mixed(traits, shares), sold: sold,
                               stretches: MODEL::ListingPath.path(path(rows, from), to: last, got: got, usual: self.got.share),
                               weight: faded(last), seen: rows.size == 1 ? seen(rows.first.id) : [])
      end

      def traits(row, together:)
        TraitsOfValue::Traits.new(kind: row.kind, condition: row.condition, finish: row.finish, maker: row.maker.present?,
                                  number: [row.units.to_i, 1].max,
                                  alone: !together && row.units.to_i <= 1 && TraitsOfValue.pair?(row.kind))
      end

      def mixed(traits, shares)
        traits.zip(shares).each_with_object(Hash.new(0.0)) do |(one, share), all|
          TraitsOfValue.features(one).each { |key, much| all[key] += much * share }
        end.to_h
      end

      # [[Date, minor units]] asked together, from the day on which they were listed.
      def path(rows, from)
        asks = rows.map { |row| @asks.fetch(row.id, []).map { |on, minor| [[on, from].max, minor] } }
        asks.flatten(1).map(&:first).uniq.sort.filter_map do |on|
          amounts = asks.map { |own| own.reverse.find { |day, _| day <= on }&.last }
          [on, amounts.sum] if amounts.all?
        end
      end

      def faded(on) = 2**(-(@today - on).to_f / @workshop.half_life_days)

      def seen(piece_id) = @seen.fetch(piece_id, []).map { |row| one_seen(row) }

      def one_seen(row)
        MODEL::PriceObservation.of(row.price_minor, sold: row.sold, likeness: row.likeness, got: got.share,
                                                    weight: faded(row.seen_on))
      end

      # Own sales of which no listing is known: what was got tells the value.
      def sales
        (@unlisted + @rows.select { |row| row.sold? && row.got&.positive? && !@asks.key?(row.id) }).map do |row|
          traits = traits(row, together: false)
          got = MODEL::PriceObservation.of(row.got, sold: true, own: true, got: self.got.share,
                                                    weight: row.ended ? faded(row.ended) : 1.0)
          MODEL::Evidence::Sight.new(kind: TraitsOfValue::KINDS.key(row.kind).to_s, base: TraitsOfValue.base(traits, @currency), own: true,
                                     features: TraitsOfValue.features(traits), seen: [got])
        end
      end

      # What was looked up for pieces that are not listed, or for a kind: each is a piece of its own.
      def sights
        listed = @rows.to_set(&:id)
        @seen.flat_map { |id, rows| listed.include?(id) ? [] : rows }.map do |row|
          kind = row.kind_key
          traits = TraitsOfValue::Traits.new(kind: kind, number: 1)
          MODEL::Evidence::Sight.new(kind: TraitsOfValue::KINDS.key(kind).to_s, base: TraitsOfValue.base(traits, @currency),
                                     features: TraitsOfValue.features(traits), seen: [one_seen(row)])
        end
      end
    end
  end
end
