# frozen_string_literal: true

module Operations
  module Market
    # What pieces are worth on the market, from all who say something about it.
    module Values
      MODEL = Core::Market::Model
      RECORD = 4 # so many figures' worth of the usual spread stand beside own past ones

      extend self

      # Core::Market::Model::Value of a piece, nil where nothing tells it. seen: Comparable records looked up for
      # it; look: whose figure and finish count, the chosen one unless given; briefly: without its finish, for
      # lists.
      def of(piece, seen: Comparables.of(piece), look: piece.chosen_look, briefly: false)
        found = found(piece)
        finish = TraitsOfValue.finish(look) unless briefly
        further = [typed_source(piece, look, found), new_source(piece)].compact
        of_traits(TraitsOfValue.of(piece, finish: finish, condition: found&.condition), seen: seen, further: further)
      end

      # What a piece is expected to bring, minor units; nil where nothing tells it. As #of.
      def expected(piece, look: piece.chosen_look, briefly: false)
        of(piece, look: look, briefly: briefly)&.then { |value| (value.middle * got).round }
      end

      # [low, middle, high] that it brings as people say it, minor units; nil where nothing tells it.
      def fetch(piece, look: piece.chosen_look)
        value = of(piece, look: look) or return
        Core::Market::ValueWords.new(value, got: Fits.standing.got).fetch_said(Support::Workshop.current.money.unit)
      end

      # The same sold as it was found, nothing finished (the prior of that: common practice, weak).
      def expected_as_found(piece)
        traits = TraitsOfValue.of(piece, condition: found(piece)&.condition)
        traits.found = true
        of_traits(traits, seen: [])&.then { |value| (value.middle * got).round }
      end

      # How a piece in hand was found, as it was spotted: condition, resale that was given, resale that was
      # expected, how many.
      Found = Struct.new(:condition, :given, :expected, :number)

      # Of what was only seen, or of a kind. resale: minor units that somebody expects for all of them together, or
      # nil.
      def of_kind(kind, condition: nil, count: 1, resale: nil)
        traits = TraitsOfValue::Traits.new(kind: kind, condition: condition, number: count,
                                           alone: count == 1 && TraitsOfValue.pair?(Core::Planning::Shape::Kinds.key(kind)))
        of_traits(traits, further: [(further(:typed, resale / got, typed_spread) if resale&.positive?)].compact)
      end

      def got = Fits.standing.got.share

      # Spread of own past figures about what came: √((4 · 0.30² + Σ ln²) ÷ (4 + n)).
      def typed_spread
        squares, count = Support::VersionedCache.once(:typed_record) do
          logs = record[:expected].map { |expected, got| Math.log(got.to_f / expected)**2 }
          [logs.sum, logs.size]
        end
        Math.sqrt(((RECORD * (MODEL::Priors::TYPED**2)) + squares) / (RECORD + count))
      end

      private

      def found(piece)
        return unless piece.prospect_id

        known = Support::VersionedCache.once(:found_pieces) { record[:found].to_h { |id, *rest| [id, Found.new(*rest)] } }
        known[piece.id] || piece.prospect&.then do |one|
          Found.new(one.condition, one.resale_likely_minor, one.expected_resale_minor, one.count)
        end
      end

      def of_traits(traits, seen: [], further: [])
        standing = Fits.standing
        return unless known?(standing.fit, traits, seen, further)

        workshop = Support::Workshop.current
        kind = TraitsOfValue::KINDS.key(traits.kind).to_s
        row = MODEL::Evidence::Sight.new(kind: kind, base: TraitsOfValue.base(traits, workshop.money), features: TraitsOfValue.features(traits),
                                         seen: seen.map { |one| seen(one, standing.got) })
        MODEL::Valuation.new(standing.fit, row, further: further, known: standing.current,
                                                counts: { "comparables" => seen.size, **own_counts(kind) }).value
      end

      # Of a piece without a kind, or in a money that the usual figures are not of, somebody has to have said
      # something first.
      def known?(fit, traits, seen, further)
        return true if seen.any? || further.any?

        traits.kind.present? && (fit.level_known || fit.listings.positive? || fit.shares.key?("seen"))
      end

      def seen(row, got)
        MODEL::PriceObservation.of(row.price_minor, sold: row.sold, likeness: row.likeness, got: got.share,
                                                    weight: weight(row.seen_on))
      end

      def weight(on)
        2**(-[(Support::Workshop.today - on).to_i, 0].max.to_f / Support::Workshop.current.half_life_days)
      end

      def further(key, amount, spread) = MODEL::Valuation::Further.new(key: key.to_s, log: Math.log(amount), sd: spread)

      # What somebody expects it to bring; what was carried over from the usual figures alone says nothing of its own.
      def typed_source(piece, look, found)
        minor = look&.expected_resale_minor || (piece.expected_resale_minor unless carried_over?(piece, found))
        further(:typed, minor / got, typed_spread) if minor&.positive?
      end

      def carried_over?(piece, found)
        return false unless found && found.given.nil?

        (piece.expected_resale_minor.to_i - (found.expected.to_i / [found.number, 1].max)).abs <= 1
      end

      def new_source(piece)
        share, spread = MODEL::Priors::NEW
        further(:new, piece.new_price_minor * share, spread) if piece.new_price_minor&.positive?
      end

      def record = Record.of(Support::Workshop.today)

      # {source => how many listings it rests on}.
      def own_counts(kind)
        all = record[:kinds].to_h
        { "own" => all.fetch(kind, 0), "others" => all.values.sum - all.fetch(kind, 0) }
      end
    end
  end
end
