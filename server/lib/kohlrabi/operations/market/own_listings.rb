# frozen_string_literal: true

module Kohlrabi
  module Operations
    module Market
      # Own listings as the paths they took, and prices seen of others, read for the core's fit: the latest few hundred, a set as one listing.
      class OwnListings
        MODEL = Core::Market::Model
        FINISHES = <<~SQL
          (SELECT MIN(look_zones.id) AS zone_id, looks.piece_id FROM looks JOIN look_zones ON look_zones.look_id = looks.id
          WHERE looks.chosen = 1 AND looks.deletion_id IS NULL GROUP BY looks.piece_id)
        SQL
        COLUMNS = %w[flip_summaries.piece_id pieces.kind_key pieces.units pieces.maker flip_summaries.listed_on flip_summaries.ended_on
                     flip_summaries.stage flip_summaries.receipts_minor prospects.condition look_zones.finish].freeze
        # One listed piece as it was read.
        Row = Struct.new(:id, :kind, :units, :maker, :listed, :ended, :stage, :got, :condition, :finish) do
          def sold? = stage == "sold"
        end

        # Core::Market::Model::Evidence as of a day.
        def self.evidence(today) = new(today).evidence

        # The same for the paths of some listed pieces: {piece id => Core::Market::Model::Stay}.
        def self.stays_of(piece_ids, today) = new(today, piece_ids).by_piece

        def initialize(today, piece_ids = nil)
          @today = today
          @workshop = House::WorkshopSettings.workshop
          @currency = @workshop.money
          @ids = piece_ids
          read
        end

        # What tells this evidence from another: all that was read, the day, and how fast listings fade.
        def fingerprint = Digest::SHA256.hexdigest(Marshal.dump([MODEL::Kept::VERSION, @found, @today, @workshop.half_life_days, @currency.code]))

        def evidence = MODEL::Evidence.new(stays, sights, level_known: @currency.much_alike?)
        def size = @rows.size
        def got = @got ||= MODEL::Got.of(@rows.select(&:sold?).map { |row| [row.got, last_ask(row)] })

        def by_piece = @rows.group_by(&:id).transform_values { |rows| stay(rows, rows.first.listed, rows.first.ended || @today) }

        private

        def read
          @found = Records::AtOnce.rows(asked)
          @rows = @found[:listed].map { |row| Row.new(*row).tap { |one| one.listed = day(one.listed) and one.ended = day(one.ended) } }
          @asks = @found[:asks].group_by(&:first).transform_values { |rows| rows.map { |_, on, minor| [day(on), minor] } }
          @sets = @found[:sets].to_h
          @returns = @found[:returns].group_by(&:first)
          @seen = @found[:seen].group_by(&:first)
        end

        def asked
          listed = Records::FlipSummary.where(live: true).where.not(listed_on: nil).joins(:piece)
                                       .joins("LEFT JOIN prospects ON prospects.id = pieces.prospect_id")
                                       .joins("LEFT JOIN #{FINISHES} chosen ON chosen.piece_id = pieces.id")
                                       .joins("LEFT JOIN look_zones ON look_zones.id = chosen.zone_id")
          listed = listed.where(piece_id: @ids) if @ids
          listed = listed.order(listed_on: :desc, piece_id: :desc).limit(MODEL::Priors::LATEST)
          ids = listed.reselect(:piece_id)
          events = Records::Event.live.where(kind: %w[listed price_changed], piece_id: ids)
          { listed: [listed, *COLUMNS], asks: [events.joins(:listing).where("listings.asking_minor > 0").order(:position), :piece_id, :happened_on, "listings.asking_minor"],
            sets: [Records::Event.live.where(kind: "sold", piece_id: ids).where.not(piece_set_event_id: nil), :piece_id, :piece_set_event_id],
            returns: [Records::SaleReturn.live.where(piece_id: ids).order(:id), :piece_id, :listed_on, :sold_on, :returned_on],
            seen: [Records::Comparable.live.where(seen_on: ..@today).order(:id), :piece_id, :kind_key, :price_minor, :sold, :likeness, :seen_on] }
        end

        def day(text) = text && Date.iso8601(text)
        def last_ask(row) = @asks.fetch(row.id, []).last&.last

        def stays
          @rows.group_by { |row| @sets.fetch(row.id) { "alone #{row.id}" } }.values.flat_map do |rows|
            first = rows.first
            back = rows.size == 1 ? @returns.fetch(first.id, []) : []
            from = [first.listed, *back.map { |row| day(row.last) }].compact.max
            [*back.map { |_, listed, sold, _| stay(rows, day(listed), day(sold), sold: true) },
             stay(rows, from, first.ended || @today, sold: first.sold?, got: rows.map(&:got).then { |all| all.sum if all.all? })]
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
          MODEL::Stay.new(kind: TraitsOfValue::KINDS.key(rows.first.kind).to_s, base: whole, features: mixed(traits, shares), sold: sold,
                          stretches: MODEL::Stay.path(path(rows, from), to: last, got: got, usual: self.got.share),
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

        def one_seen((_, _, price, sold, likeness, on))
          MODEL::Seen.of(price, sold: sold == 1, likeness: likeness, got: got.share, weight: faded(day(on)))
        end

        # What was looked up for pieces that are not listed, or for a kind: each is a piece of its own.
        def sights
          listed = @rows.to_set(&:id)
          @seen.flat_map { |id, rows| listed.include?(id) ? [] : rows }.map do |row|
            kind = row[1]
            traits = TraitsOfValue::Traits.new(kind: kind, number: 1)
            MODEL::Evidence::Sight.new(kind: TraitsOfValue::KINDS.key(kind).to_s, base: TraitsOfValue.base(traits, @currency),
                                       features: TraitsOfValue.features(traits), seen: [one_seen(row)])
          end
        end
      end
    end
  end
end
